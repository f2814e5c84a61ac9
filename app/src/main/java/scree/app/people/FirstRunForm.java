package scree.app.people;

import jakarta.validation.constraints.Email;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.util.List;
import scree.app.studio.Customs;

/** What the first studio of an installation is founded with; kept as typed when something has to be mended, but for the password. */
record FirstRunForm(
        @NotBlank @Size(max = 120) String studio,
        String zone,
        String currency,
        Customs.Units units,
        Boolean starter,
        @NotBlank @Size(max = 120) String name,

        @NotBlank @Email(message = "{client.email.none}") @Size(max = 200)
        String email,

        String password) {
    static FirstRunForm empty() {
        return new FirstRunForm("", "", "", Customs.Units.METRIC, false, "", "", "");
    }

    boolean withKit() {
        return Boolean.TRUE.equals(starter);
    }

    Customs.Kept customs() {
        return new Customs.Kept(studio.strip(), zone, currency, units == null ? Customs.Units.METRIC : units);
    }

    List<String> known() {
        return List.of(studio == null ? "" : studio, name == null ? "" : name, email == null ? "" : email);
    }
}
