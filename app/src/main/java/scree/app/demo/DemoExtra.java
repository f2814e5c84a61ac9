package scree.app.demo;

import java.util.List;
import scree.core.method.Occasion;
import scree.core.skin.SkinType;

/** What is made up about a musician beside the face. */
record DemoExtra(
        String plays,
        SkinType skinType,
        String allergies,
        String notes,
        int hour,
        int minute,
        int minutes,
        int artist,
        Occasion occasion,
        String bothers) {
    /** The twelve, in the order of their sittings. */
    static final List<DemoExtra> ALL = List.of(
            new DemoExtra(
                    "Flute",
                    SkinType.NORMAL,
                    null,
                    null,
                    8,
                    0,
                    40,
                    0,
                    Occasion.CAMERA,
                    "Three blemishes before every concert."),
            new DemoExtra(
                    "Bass",
                    SkinType.DRY,
                    null,
                    "Likes to talk about tuning.",
                    8,
                    10,
                    50,
                    1,
                    Occasion.CAMERA,
                    "Red nose in the cold."),
            new DemoExtra(
                    "Soprano",
                    SkinType.COMBINATION,
                    null,
                    null,
                    8,
                    50,
                    60,
                    0,
                    Occasion.STAGE,
                    "Base turned grey on her twice."),
            new DemoExtra(
                    "Viola",
                    SkinType.DRY,
                    null,
                    "Keep the freckles.",
                    9,
                    10,
                    45,
                    1,
                    Occasion.CAMERA,
                    "Wants her freckles kept."),
            new DemoExtra("Horn", SkinType.NORMAL, null, null, 10, 0, 35, 0, Occasion.CAMERA, "Shines under lights."),
            new DemoExtra(
                    "Violin",
                    SkinType.COMBINATION,
                    "fragrance",
                    "Yellow bases turn orange on her.",
                    10,
                    45,
                    60,
                    0,
                    Occasion.CAMERA,
                    "Never found a match."),
            new DemoExtra(
                    "Trumpet",
                    SkinType.OILY,
                    "lanolin",
                    null,
                    10,
                    10,
                    45,
                    1,
                    Occasion.CAMERA,
                    "Lip care around the mouthpiece."),
            new DemoExtra(
                    "Harp",
                    SkinType.DRY,
                    null,
                    "Thin skin, be gentle.",
                    11,
                    15,
                    55,
                    1,
                    Occasion.CAMERA,
                    "Fine lines under the eyes."),
            new DemoExtra("Oboe", SkinType.NORMAL, null, null, 12, 45, 40, 0, Occasion.CAMERA, "Fringe stays."),
            new DemoExtra(
                    "Timpani",
                    SkinType.COMBINATION,
                    null,
                    null,
                    13,
                    0,
                    35,
                    1,
                    Occasion.CAMERA,
                    "Beard shadow by evening."),
            new DemoExtra("Cello", SkinType.DRY, "nickel", null, 13, 45, 60, 0, Occasion.CAMERA, "Likes it natural."),
            new DemoExtra(
                    "Clarinet", SkinType.OILY, null, null, 14, 0, 40, 1, Occasion.CAMERA, "Blemishes on the chin."));
}
