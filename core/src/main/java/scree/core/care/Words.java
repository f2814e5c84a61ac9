package scree.core.care;

import java.text.Normalizer;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Pattern;

/** A text as plain words: no case, accents, signs or plural endings, so that two people's spellings can be compared. */
record Words(List<String> words) {
    /** A single slip of the pen is forgiven in words as long as this. House choice: shorter ones turn into other substances. */
    private static final int LONG_ENOUGH_FOR_A_SLIP = 6;

    private static final Pattern MARKS = Pattern.compile("\\p{M}");
    private static final Pattern SIGNS = Pattern.compile("[^\\p{L}\\p{N}]+");

    static Words of(String text) {
        String plain = Normalizer.normalize(text.toLowerCase(Locale.ROOT), Normalizer.Form.NFD)
                .replace("ø", "o");
        plain = SIGNS.matcher(MARKS.matcher(plain).replaceAll(""))
                .replaceAll(" ")
                .strip();
        List<String> words = new ArrayList<>();
        for (String word : plain.split(" ")) {
            if (!word.isEmpty()) {
                words.add(singular(word));
            }
        }
        return new Words(List.copyOf(words));
    }

    private static String singular(String word) {
        return word.length() > 3 && word.endsWith("s") && !word.endsWith("ss")
                ? word.substring(0, word.length() - 1)
                : word;
    }

    /** Returns whether the words stand in this text one behind the other, each at most a slip away. */
    boolean hold(Words phrase) {
        for (int at = 0; at + phrase.words.size() <= words.size(); at++) {
            int same = 0;
            while (same < phrase.words.size() && alike(words.get(at + same), phrase.words.get(same))) {
                same++;
            }
            if (same == phrase.words.size() && same > 0) {
                return true;
            }
        }
        return false;
    }

    boolean holdEnding(String ending) {
        return words.stream().anyMatch(w -> w.endsWith(ending));
    }

    Set<AllergenFamily> families() {
        Set<AllergenFamily> found = EnumSet.noneOf(AllergenFamily.class);
        for (AllergenFamily family : AllergenFamily.values()) {
            if (family.namedIn(this)) {
                found.add(family);
            }
        }
        return found;
    }

    static boolean alike(String a, String b) {
        return a.equals(b)
                || Math.min(a.length(), b.length()) >= LONG_ENOUGH_FOR_A_SLIP
                        && Math.abs(a.length() - b.length()) <= 1
                        && oneSlip(a, b);
    }

    /** Returns whether one letter was added, left out, changed, or swapped with the next. */
    private static boolean oneSlip(String a, String b) {
        int from = 0;
        while (from < Math.min(a.length(), b.length()) && a.charAt(from) == b.charAt(from)) {
            from++;
        }
        String x = a.substring(from);
        String y = b.substring(from);
        boolean swapped = x.length() > 1
                && y.length() == x.length()
                && x.charAt(0) == y.charAt(1)
                && x.charAt(1) == y.charAt(0)
                && x.substring(2).equals(y.substring(2));
        return swapped
                || x.length() == y.length() && !x.isEmpty() && x.substring(1).equals(y.substring(1))
                || x.length() == y.length() + 1 && x.substring(1).equals(y)
                || y.length() == x.length() + 1 && y.substring(1).equals(x);
    }
}
