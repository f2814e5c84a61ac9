package scree.app.reply;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * What the artist chose instead of what is proposed; parts that are missing are left to Scree.
 *
 * @param picked products by part
 * @param near whether any shade near the colour is named; left to Scree where it is missing: only where the kit has nothing
 * @param left parts that the answer does not name
 * @param unsure what is unsure, in the artist's words, or null
 * @param words to the client, or null
 */
record ReplySheet(
        Map<ReplyPart, List<Long>> picked,
        Map<ReplyPart, Boolean> near,
        Set<ReplyPart> left,
        String unsure,
        String words) {
    /** Longest of either text. */
    static final int LONGEST = 1000;

    ReplySheet {
        picked = Map.copyOf(picked);
        near = Map.copyOf(near);
        left = Set.copyOf(left);
        if (unsure != null && unsure.length() > LONGEST || words != null && words.length() > LONGEST) {
            throw new IllegalArgumentException("a text of an answer is too long");
        }
        picked.forEach((part, all) -> {
            if (all.size() > part.most()) {
                throw new IllegalArgumentException("more products than a part names");
            }
        });
    }

    static ReplySheet usual() {
        return new ReplySheet(Map.of(), Map.of(), Set.of(), null, null);
    }

    /**
     * Names a product or does not any more; where a part is full, the one named first gives way.
     *
     * @param now what the part names as it is shown
     */
    ReplySheet toggled(ReplyPart part, long product, List<Long> now) {
        List<Long> all = new ArrayList<>(now);
        if (!all.remove(product)) {
            all.add(product);
            if (all.size() > part.most()) {
                all.remove(0);
            }
        }
        return new ReplySheet(with(picked, part, List.copyOf(all)), near, without(left, part), unsure, words);
    }

    /** Leaves a part to Scree again. */
    ReplySheet anew(ReplyPart part) {
        return new ReplySheet(with(picked, part, null), with(near, part, null), without(left, part), unsure, words);
    }

    /** Names any shade near the colour of a part, or does not. */
    ReplySheet near(ReplyPart part, boolean named) {
        return new ReplySheet(picked, with(near, part, named), without(left, part), unsure, words);
    }

    ReplySheet leaving(ReplyPart part) {
        return new ReplySheet(picked, near, toggled(left, part), unsure, words);
    }

    ReplySheet saying(String what, String to) {
        return new ReplySheet(picked, near, left, blank(what), blank(to));
    }

    private static String blank(String text) {
        return text == null || text.isBlank() ? null : text.strip();
    }

    /** @param value null to forget it */
    private static <T> Map<ReplyPart, T> with(Map<ReplyPart, T> of, ReplyPart part, T value) {
        Map<ReplyPart, T> all = new EnumMap<>(ReplyPart.class);
        all.putAll(of);
        all.remove(part);
        if (value != null) {
            all.put(part, value);
        }
        return all;
    }

    private static Set<ReplyPart> toggled(Set<ReplyPart> of, ReplyPart part) {
        Set<ReplyPart> all = EnumSet.noneOf(ReplyPart.class);
        all.addAll(of);
        if (!all.remove(part)) {
            all.add(part);
        }
        return all;
    }

    private static Set<ReplyPart> without(Set<ReplyPart> of, ReplyPart part) {
        Set<ReplyPart> all = EnumSet.noneOf(ReplyPart.class);
        all.addAll(of);
        all.remove(part);
        return all;
    }
}
