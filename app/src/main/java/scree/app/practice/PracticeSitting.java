package scree.app.practice;

import java.time.LocalDateTime;

/**
 * A sitting of a made-up face.
 *
 * @param artist whose it is
 * @param done whether its work was ended
 */
public record PracticeSitting(
        long id, long client, String face, long artist, String artistName, LocalDateTime at, boolean done) {}
