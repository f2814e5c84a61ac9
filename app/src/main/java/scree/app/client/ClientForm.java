package scree.app.client;

import jakarta.validation.constraints.Email;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import scree.core.skin.SkinType;

/** What a client's form sends; kept as typed when something has to be mended. */
record ClientForm(
        @NotBlank @Size(max = 120) String name,

        @Email(message = "{client.email.none}") @Size(max = 200)
        String email,

        @Min(1900) @Max(2100) Integer birthYear,
        @Size(max = 60) String plays,
        SkinType skinType,
        @Size(max = 500) String allergies,
        @Size(max = 2000) String notes,

        int version) {
    static ClientForm empty() {
        return new ClientForm("", "", null, "", null, "", "", 0);
    }

    static ClientForm of(Client c) {
        return new ClientForm(
                c.name(), c.email(), c.birthYear(), c.plays(), c.skinType(), c.allergies(), c.notes(), c.version());
    }

    Client client(long id) {
        return new Client(
                id,
                name.strip(),
                orNull(email),
                birthYear,
                orNull(plays),
                skinType,
                orNull(allergies),
                orNull(notes),
                null,
                version);
    }

    private static String orNull(String text) {
        return text == null || text.isBlank() ? null : text.strip();
    }
}
