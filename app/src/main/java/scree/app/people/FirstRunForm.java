package scree.app.people;

import jakarta.validation.constraints.Email;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.time.ZoneId;
import java.util.List;

/** What the first studio of an installation is founded with; kept as typed when something has to be mended, but for the password. */
record FirstRunForm(
        @NotBlank @Size(max = 120) String studio,
        String zone,
        @NotBlank @Size(max = 120) String name,

        @NotBlank @Email(message = "{client.email.none}") @Size(max = 200)
        String email,

        String password) {
    static FirstRunForm empty() {
        return new FirstRunForm("", "", "", "", "");
    }

    /** Zones by place, as people know them. */
    static List<String> zones() {
        return ZoneId.getAvailableZoneIds().stream()
                .filter(z -> z.equals("UTC") || z.contains("/") && !z.startsWith("Etc/") && !z.startsWith("SystemV/"))
                .sorted()
                .toList();
    }

    List<String> known() {
        return List.of(studio == null ? "" : studio, name == null ? "" : name, email == null ? "" : email);
    }
}
