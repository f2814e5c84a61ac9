package scree.app.studio;

/** An artist's account as stored. */
record Account(
        long id,
        long studioId,
        String name,
        String email,
        String passwordHash,
        String studioName,
        int stamp,
        Role role) {}
