package scree.app.mix;

import java.util.ArrayList;
import java.util.List;
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

    public MixSheet {
        parts = List.copyOf(parts);
    }

    /** Counted parts of a product. */
    public record Part(long product, int count) {}

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
        return new MixSheet(parts, forWhat, Math.max(1, Math.min(40, forPeople)), by);
    }

    MixSheet with(List<Part> others) {
        return new MixSheet(others, what, people, unit);
    }
}
