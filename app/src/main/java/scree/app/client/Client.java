package scree.app.client;

import java.time.LocalDate;

/** A person who sits. Texts may be null where nothing was said. */
public record Client(
        long id,
        String name,
        Integer birthYear,
        String plays,
        String skinType,
        String allergies,
        String notes,
        LocalDate consentOn,
        int version) {}
