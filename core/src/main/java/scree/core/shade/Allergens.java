package scree.core.shade;

import java.util.Locale;

/**
 * Compares what a product lists with what a client told, by words. A word spelt otherwise goes unnoticed, so labels are to be
 * read all the same.
 */
public final class Allergens {
    private Allergens() {}

    /**
     * Returns whether a listed word stands in what was told, whatever the letters' case.
     *
     * @param listed words as on the label, divided by commas or semicolons; null for none
     * @param told allergies and reactions in the client's words, any of them null
     */
    public static boolean anyIn(String listed, String... told) {
        if (listed == null) {
            return false;
        }
        for (String word : listed.toLowerCase(Locale.ROOT).split("[,;]")) {
            for (String text : told) {
                if (!word.isBlank()
                        && text != null
                        && text.toLowerCase(Locale.ROOT).contains(word.strip())) {
                    return true;
                }
            }
        }
        return false;
    }
}
