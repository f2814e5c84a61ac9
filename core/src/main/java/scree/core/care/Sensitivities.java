package scree.core.care;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Stream;

/**
 * What a client told of allergies and reactions, compared with what a label lists: by single words with room for a slip of the
 * pen, and by families of substances ({@link AllergenFamily}). Rather a caution too many: "not allergic to latex" meets latex.
 * A name that is spelt wholly otherwise goes unnoticed, so labels are to be read all the same.
 */
public final class Sensitivities {
    /** Nothing was told. */
    public static final Sensitivities NONE = new Sensitivities(new Words(List.of()));

    /** Words that say nothing of a substance. A label of "fruit extract" must not meet "fruit acid" by "fruit" alone. */
    private static final Set<String> SAY_NOTHING = Set.of(
            "acid",
            "oil",
            "extract",
            "water",
            "aqua",
            "seed",
            "leaf",
            "root",
            "fruit",
            "butter",
            "powder",
            "and",
            "the",
            "with",
            "free",
            "not",
            "none",
            "known",
            "any",
            "skin",
            "from",
            "for",
            "sensitive",
            "allergy",
            "allergie",
            "allergic",
            "reaction",
            "react",
            "reacted",
            "rash",
            "red",
            "itch",
            "swelling",
            "year",
            "ago",
            "since",
            "only",
            "once",
            "after",
            "when",
            "small",
            "mild",
            "severe",
            "product",
            "makeup",
            "cosmetic",
            "cream",
            "natural",
            "sodium",
            "hydrolyzed",
            "hydrolysed",
            "all",
            "some",
            "hand",
            "eye",
            "lip",
            "face",
            "lot",
            "bit",
            "sometime",
            "sometimes",
            "was",
            "has",
            "had",
            "her",
            "his",
            "she",
            "they",
            "very",
            "but",
            "new",
            "old",
            "may",
            "contain",
            "flower",
            "flour",
            "type",
            "other",
            "test",
            "patch",
            "clear");

    private static final int LEAST_LETTERS = 3;

    private final Words told;
    private final Set<AllergenFamily> families;
    /** By label: a kit lists the same few substances again and again. */
    private final Map<String, Optional<String>> met = new ConcurrentHashMap<>();

    private Sensitivities(Words told) {
        this.told = told;
        this.families = told.families();
    }

    /** @param told allergies and reactions in the client's words, any of them null or blank */
    public static Sensitivities of(String... told) {
        List<String> words = new ArrayList<>();
        Stream.of(told)
                .filter(Objects::nonNull)
                .forEach(t -> words.addAll(Words.of(t).words()));
        return words.isEmpty() ? NONE : new Sensitivities(new Words(List.copyOf(words)));
    }

    /** Returns whether nothing was told. */
    public boolean none() {
        return told.words().isEmpty();
    }

    /** @param listed as on the label, divided by commas, semicolons, slashes or lines; null for nothing */
    public boolean meet(String listed) {
        return met(listed).isPresent();
    }

    /** Returns the first name on a label that meets what was told. */
    public Optional<String> met(String listed) {
        if (listed == null || none()) {
            return Optional.empty();
        }
        return met.computeIfAbsent(listed, this::firstMet);
    }

    private Optional<String> firstMet(String listed) {
        return Stream.of(listed.split("[,;/\\n]"))
                .map(String::strip)
                .filter(name -> !name.isEmpty() && meets(Words.of(name)))
                .findFirst();
    }

    private boolean meets(Words name) {
        if (told.hold(name) && !name.words().isEmpty()) {
            return true;
        }
        if (name.words().stream()
                .filter(Sensitivities::telling)
                .anyMatch(w -> told.words().stream().anyMatch(t -> Words.alike(w, t)))) {
            return true;
        }
        return !families.isEmpty() && name.families().stream().anyMatch(families::contains);
    }

    private static boolean telling(String word) {
        return word.length() >= LEAST_LETTERS && !SAY_NOTHING.contains(word);
    }
}
