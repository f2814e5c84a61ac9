package scree.app.people;

import jakarta.validation.constraints.Email;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import scree.app.studio.Customs;

/** What the first studio of an installation is founded with; kept as typed when something has to be mended, but for the password. */
record FirstRunForm(
        @NotBlank @Size(max = 120) String studio,
        String zone,
        String currency,
        String units,
        String starter,
        @NotBlank @Size(max = 120) String name,

        @NotBlank @Email(message = "{client.email.none}") @Size(max = 200)
        String email,

        String password) {
    static FirstRunForm empty() {
        return new FirstRunForm("", "", "", Customs.Units.METRIC.name(), "", "", "", "");
    }

    boolean withKit() {
        return "true".equals(starter);
    }

    /** Returns what the studio counts in, or empty when it is nothing that is known. */
    Optional<Customs.Units> counts() {
        return Arrays.stream(Customs.Units.values())
                .filter(u -> u.name().equals(units))
                .findFirst();
    }

    Customs.Kept customs() {
        return new Customs.Kept(studio.strip(), zone, currency, counts().orElseThrow());
    }

    List<String> known() {
        return List.of(studio == null ? "" : studio, name == null ? "" : name, email == null ? "" : email);
    }
}
