namespace Nerezza.Tables.Logs;

/// <summary>What coaches call exercises in their files, in the languages whose headings are read: plain words
/// (<see cref="ExerciseNames.Plain"/>) in the singular. A name of one exercise is that exercise; of several it is asked which, those
/// first.</summary>
public static class CommonNames
{
    /// <summary>Short words within a name, written out.</summary>
    public static readonly IReadOnlyDictionary<string, string> Abbreviations = new Dictionary<string, string>
    {
        ["bb"] = "barbell",
        ["db"] = "dumbbell",
        ["kb"] = "kettlebell",
        ["ssb"] = "safety bar",
        ["sl"] = "single leg",
        ["sa"] = "single arm",
        ["rfess"] = "rear foot elevated split squat",
        ["rdl"] = "romanian deadlift",
        ["ghr"] = "glute ham raise",
        ["ohp"] = "overhead press",
    };

    private static readonly (string[] Names, string[] Means)[] All =
    [
        (
            ["squat", "back squat", "barbell squat", "kniebeuge", "sentadilla", "agachamento", "accosciata"],
            ["back-squat-high-bar", "back-squat-low-bar", "front-squat"]
        ),
        (["high bar squat", "high bar back squat", "high bar"], ["back-squat-high-bar"]),
        (["low bar squat", "low bar back squat", "low bar"], ["back-squat-low-bar"]),
        (["frontkniebeuge", "sentadilla frontal", "squat frontale", "squat avant"], ["front-squat"]),
        (["pause squat", "paused squat"], ["paused-back-squat"]),
        (["tempo squat"], ["tempo-back-squat"]),
        (
            ["deadlift", "barbell deadlift", "kreuzheben", "stacco", "stacco da terra", "peso muerto", "souleve de terre"],
            ["conventional-deadlift", "sumo-deadlift", "trap-bar-deadlift"]
        ),
        (["rumanisches kreuzheben", "stacco rumeno", "peso muerto rumano", "souleve de terre roumain"], ["romanian-deadlift"]),
        (["stiff legged deadlift", "sldl"], ["stiff-leg-deadlift"]),
        (["hex bar deadlift"], ["trap-bar-deadlift"]),
        (["paused deadlift", "pause deadlift"], ["paused-deadlift"]),
        (
            [
                "bench",
                "barbell bench press",
                "flat bench press",
                "bankdrucken",
                "panca",
                "panca piana",
                "press banca",
                "press de banca",
                "developpe couche",
            ],
            ["bench-press"]
        ),
        (["paused bench", "pause bench press"], ["paused-bench-press"]),
        (["close grip bench"], ["close-grip-bench-press"]),
        (
            ["military press", "shoulder press", "schulterdrucken", "lento avanti", "press militar", "developpe militaire", "strict press"],
            ["overhead-press", "dumbbell-overhead-press"]
        ),
        (["pullup", "klimmzug", "trazione", "dominada", "traction"], ["pull-up", "chin-up"]),
        (["chinup"], ["chin-up"]),
        (["pushup", "press up", "liegestutz", "piegamento", "flexione", "pompe"], ["push-up"]),
        (["lat pull down", "latzug", "lat machine", "pulldown", "jalon al pecho", "tirage vertical"], ["lat-pulldown"]),
        (["row", "rudern", "rematore", "remo", "rowing"], ["barbell-row", "cable-row", "dumbbell-row", "chest-supported-row"]),
        (["bent over row", "bb row", "langhantelrudern", "vorgebeugtes rudern", "rematore bilanciere"], ["barbell-row"]),
        (["seated cable row", "seated row"], ["cable-row"]),
        (["dumbbell row", "one arm row", "one arm dumbbell row"], ["single-arm-dumbbell-row", "dumbbell-row"]),
        (["beinpresse", "pressa", "leg press machine", "prensa", "presse a cuisse"], ["leg-press"]),
        (["hip thrust", "huftstosse"], ["barbell-hip-thrust", "machine-hip-thrust", "dumbbell-single-leg-hip-thrust"]),
        (
            ["bulgarian split squat", "bulgarian", "bss"],
            ["dumbbell-rear-foot-elevated-split-squat", "barbell-rear-foot-elevated-split-squat"]
        ),
        (["lunge", "ausfallschritt", "affondi", "zancada", "fente"], ["reverse-lunge", "walking-lunge", "lateral-lunge"]),
        (["leg curl", "hamstring curl", "beinbeuger"], ["lying-leg-curl", "seated-leg-curl"]),
        (["beinstrecker", "leg extension machine"], ["leg-extension"]),
        (["calf raise", "wadenheben"], ["standing-calf-raise", "seated-calf-raise", "single-leg-calf-raise"]),
        (["back extension", "hyperextension"], ["bodyweight-hip-extension-45", "plate-hip-extension-45"]),
        (["triceps pushdown", "pushdown"], ["cable-pressdown"]),
        (["skullcrusher", "skull crusher"], ["lying-triceps-extension"]),
        (["curl", "biceps curl"], ["cable-curl", "incline-dumbbell-curl"]),
        (["side raise", "dumbbell lateral raise"], ["lateral-raise"]),
        (["farmer walk", "farmer carry"], ["farmers-carry"]),
        (["unterarmstutz"], ["plank"]),
    ];

    /// <summary>The exercises by name, the likeliest first.</summary>
    public static readonly IReadOnlyDictionary<string, IReadOnlyList<string>> Means = All.SelectMany(row =>
            row.Names.Select(name => (name, row.Means))
        )
        .ToDictionary(row => row.name, IReadOnlyList<string> (row) => row.Means);
}
