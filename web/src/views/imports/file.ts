/** A file as it is sent: Base64, whatever is in it. */
export async function base64(file: Blob): Promise<string> {
  const bytes = new Uint8Array(await file.arrayBuffer())
  let text = ''
  for (let i = 0; i < bytes.length; i += chunk) text += String.fromCharCode(...bytes.subarray(i, i + chunk))
  return btoa(text)
}

// String.fromCharCode takes its characters as arguments, of which there may not be too many.
const chunk = 8192
