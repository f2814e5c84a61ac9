package scree.app.remote;

import scree.core.shade.Coverage;
import scree.core.shade.Finish;
import scree.core.skin.SkinType;

/** What a client told with the picture; null where left open. */
public record RemoteAnswer(
        String hair,
        String eyes,
        SkinType skinType,
        Coverage coverage,
        Finish finish,
        String allergies,
        String concerns,
        String wentWrong) {}
