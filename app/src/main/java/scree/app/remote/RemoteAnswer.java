package scree.app.remote;

/** What a client told with the picture; null where left open. */
public record RemoteAnswer(
        String hair,
        String eyes,
        String skinType,
        String coverage,
        String finish,
        String allergies,
        String concerns,
        String wentWrong) {}
