package scree.app.remote;

import jakarta.validation.constraints.AssertTrue;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;

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
                known(skinType, "DRY", "NORMAL", "COMBINATION", "OILY"),
                known(coverage, "SHEER", "MEDIUM", "FULL"),
                known(finish, "MATTE", "SATIN", "DEWY"),
                text(allergies),
                text(concerns),
                text(wentWrong));
    }

    private static String text(String t) {
        return t == null || t.isBlank() ? null : t.strip();
    }

    private static String known(String value, String... allowed) {
        return value != null && java.util.List.of(allowed).contains(value) ? value : null;
    }
}
