package scree.core.skin;

/**
 * What one witness said in a sitting.
 *
 * @param struck whether the artist set it aside; it is kept and counts for nothing
 */
public record Testimony(Answer answer, boolean struck) {}
