import type { EvidenceSource, FindingLine } from '../../api/schema'
import { plain } from '../../text/numbers'
import { Rationale, type ChainLink } from '../../ui/Rationale'
import { causeName } from './causes'

const places: Record<EvidenceSource, string | null> = { screen: 'screen', intake: 'intake', health: 'health', coach: null }

/** From the raw measure to what is asked for; the measure leads back to where it was entered. */
export function FindingRationale({ clientId, finding }: { clientId: string; finding: FindingLine }) {
  const first = finding.evidence[0]
  const more = finding.evidence.length - 1
  const place = first ? places[first.source] : null
  const links: ChainLink[] = [
    {
      kind: 'measured',
      text: first
        ? `${first.name}${first.number !== null ? ` ${plain(first.number, 1)} ${first.unit}` : ''}${more > 0 ? ` and ${more} more` : ''}`
        : '',
      to: place ? `/clients/${clientId}/${place}` : undefined,
    },
    { kind: 'held against', text: first?.norm ?? '' },
    { kind: 'found', text: `${finding.title}, ${plain(finding.confidence * 100, 0)} % sure`, focused: true },
    { kind: 'because of', text: finding.cause ? causeName(finding.cause).toLowerCase() : 'an answer that needs someone else first' },
    { kind: 'asks for', text: finding.verdict === 'rejected' ? 'nothing: rejected' : finding.asks || 'see what to do' },
  ]
  return <Rationale links={links} />
}
