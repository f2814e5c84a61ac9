package scree.app.mix;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import scree.core.mix.Batch;

/**
 * A mix as it stands on the bench.
 *
 * @param parts counted parts by product, in the order they were put on
 */
public record MixSheet(List<Part> parts, Batch.For what, int people, Batch.Unit unit) {
    /** More cannot be counted by hand. */
    static final int MOST_PARTS = 24;

    static final int MOST_PRODUCTS = 5;

    static final int MOST_PEOPLE = 40;

    public MixSheet {
        parts = List.copyOf(parts);
        Objects.requireNonNull(what, "a batch is for something");
        Objects.requireNonNull(unit, "a batch is counted in something");
        int total = parts.stream().mapToInt(Part::count).sum();
        if (parts.isEmpty() || total > MOST_PARTS || parts.size() > MOST_PRODUCTS) {
            throw new IllegalArgumentException("a mix has 1 to %d parts of at most %d products, but got %d of %d"
                    .formatted(MOST_PARTS, MOST_PRODUCTS, total, parts.size()));
        }
        if (people < 1 || people > MOST_PEOPLE) {
            throw new IllegalArgumentException("a batch is for 1 to %d people, not %d".formatted(MOST_PEOPLE, people));
        }
    }

    /** Counted parts of a product, 1 or more. */
    public record Part(long product, int count) {
        public Part {
            if (count < 1) {
                throw new IllegalArgumentException("a part counts 1 or more, not " + count);
            }
        }
    }

    static MixSheet of(List<Part> parts) {
        return new MixSheet(parts, Batch.For.FACE, 1, Batch.Unit.DROP);
    }

    /** Returns the sheet with one part more or less of a product; the last part stays on. */
    MixSheet tapped(long product, int by) {
        List<Part> changed = new ArrayList<>();
        boolean there = false;
        for (Part p : parts) {
            boolean same = p.product() == product;
            there |= same;
            int count = same ? p.count() + by : p.count();
            if (count > 0) {
                changed.add(new Part(p.product(), count));
            }
        }
        if (!there && by > 0 && parts.size() < MOST_PRODUCTS) {
            changed.add(new Part(product, by));
        }
        int total = changed.stream().mapToInt(Part::count).sum();
        return changed.isEmpty() || total > MOST_PARTS ? this : new MixSheet(changed, what, people, unit);
    }

    MixSheet batched(Batch.For forWhat, int forPeople, Batch.Unit by) {
        return new MixSheet(parts, forWhat, Math.max(1, Math.min(MOST_PEOPLE, forPeople)), by);
    }

    MixSheet with(List<Part> others) {
        return new MixSheet(others, what, people, unit);
    }
}
