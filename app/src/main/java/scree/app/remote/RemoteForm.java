package scree.app.remote;

import jakarta.validation.constraints.AssertTrue;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.Arrays;
import scree.core.shade.Coverage;
import scree.core.shade.Finish;
import scree.core.skin.SkinType;

/** What the client types; blank fields were left open. */
public record RemoteForm(
        @Size(max = 80, message = "has more than 80 characters: shorten it")
        String hair,

        @Size(max = 80, message = "has more than 80 characters: shorten it")
        String eyes,

        String skinType,
        String coverage,
        String finish,

        @Size(max = 500, message = "has more than 500 characters: shorten it")
        String allergies,

        @Size(max = 500, message = "has more than 500 characters: shorten it")
        String concerns,

        @Size(max = 500, message = "has more than 500 characters: shorten it")
        String wentWrong,

        @NotNull(message = "is needed before anything is sent: tick it if you agree")
        @AssertTrue(message = "is needed before anything is sent: tick it if you agree")
        Boolean consent) {
    static RemoteForm empty() {
        return new RemoteForm(null, null, null, null, null, null, null, null, null);
    }

    RemoteAnswer answer() {
        return new RemoteAnswer(
                text(hair),
                text(eyes),
                known(skinType, SkinType.values()),
                known(coverage, Coverage.values()),
                known(finish, Finish.values()),
                text(allergies),
                text(concerns),
                text(wentWrong));
    }

    private static String text(String t) {
        return t == null || t.isBlank() ? null : t.strip();
    }

    /** A choice that is none was never offered; it is left open. */
    private static <E extends Enum<E>> E known(String value, E[] choices) {
        return Arrays.stream(choices)
                .filter(c -> c.name().equals(value))
                .findFirst()
                .orElse(null);
    }
}
