package scree.app.proof;

import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** What is typed of how it wore; kept as typed when something has to be mended. */
record WoreForm(String hours, List<Wore.Seen> seen, String place, String reaction, String words) {
    /** Returns what is told; empty where the hours cannot be read, nothing is told or something is too long. */
    Optional<Proofs.Telling> read() {
        Set<Wore.Seen> all = seen == null || seen.isEmpty() ? Set.of() : EnumSet.copyOf(seen);
        try {
            int after = Integer.parseInt(hours == null ? "" : hours.strip());
            String where = text(place);
            String skin = text(reaction);
            String said = text(words);
            boolean told = !all.isEmpty() || skin != null || said != null;
            boolean fits = within(where, Wore.LONGEST_PLACE)
                    && within(skin, Wore.LONGEST_REACTION)
                    && within(said, Wore.LONGEST_WORDS);
            return after < 0 || after > Wore.MOST_HOURS || !told || !fits
                    ? Optional.empty()
                    : Optional.of(new Proofs.Telling(after, all, where, skin, said));
        } catch (NumberFormatException e) {
            return Optional.empty();
        }
    }

    private static String text(String typed) {
        return typed == null || typed.isBlank() ? null : typed.strip();
    }

    private static boolean within(String text, int longest) {
        return text == null || text.length() <= longest;
    }
}
