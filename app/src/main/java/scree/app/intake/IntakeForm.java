package scree.app.intake;

import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.Size;
import scree.app.sitting.Intake;
import scree.app.sitting.OwnColours;
import scree.app.sitting.Sitting;
import scree.core.care.Care;
import scree.core.judge.EyeTone;
import scree.core.judge.HairTone;
import scree.core.method.Occasion;
import scree.core.shade.Coverage;
import scree.core.shade.Finish;

/** What the intake page sends; kept as typed when something has to be mended. */
record IntakeForm(
        Occasion occasion,
        @Min(1) @Max(24) Integer lastsHours,
        Boolean flash,
        Coverage coverage,
        Finish finish,
        @Size(max = 500) String reactions,
        Care.PatchTest patchTest,
        @Size(max = 300) String brokenSkin,
        @Size(max = 500) String bothers,
        @Size(max = 500) String loves,
        HairTone hair,
        HairTone brows,
        EyeTone eyes,
        Boolean keepMarks,
        int version) {
    static IntakeForm of(Sitting s) {
        Intake i = s.intake();
        return new IntakeForm(
                i.occasion(),
                i.lastsHours(),
                Boolean.TRUE.equals(i.flash()),
                i.coverage(),
                i.finish(),
                i.reactions(),
                i.patchTest(),
                i.brokenSkin(),
                i.bothers(),
                i.loves(),
                i.own().hair(),
                i.own().brows(),
                i.own().eyes(),
                i.marksKept(),
                s.version());
    }

    Intake intake() {
        return new Intake(
                occasion,
                lastsHours,
                Boolean.TRUE.equals(flash),
                coverage,
                finish,
                orNull(reactions),
                patchTest,
                orNull(brokenSkin),
                orNull(bothers),
                orNull(loves),
                new OwnColours(hair, brows, eyes),
                Boolean.TRUE.equals(keepMarks));
    }

    private static String orNull(String value) {
        return value == null || value.isBlank() ? null : value.strip();
    }
}
