package scree.app.sitting;

/** What was asked before the work; enum names as text, null where left open. */
public record IntakeAnswers(
        String occasion,
        Integer lastsHours,
        Boolean flash,
        String coverage,
        String finish,
        String reactions,
        String patchTest,
        String brokenSkin,
        String bothers,
        String loves) {}
