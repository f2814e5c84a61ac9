package scree.core.timetable;

import java.util.List;

/**
 * Somebody who is to be made ready.
 *
 * @param slots by artist: how long it takes at their pace; 0 where the artist cannot do it
 * @param arrival no sitting begins before
 * @param ready by when, or {@link #NONE} when any time will do
 * @param wished which artist, or {@link #NONE}
 * @param told where it was said to be, or null while nobody was told
 * @param fixed where it stays whatever comes, or null
 * @param uses shared tools
 */
public record Call(List<Integer> slots, int arrival, int ready, int wished, Seat told, Seat fixed, List<Use> uses) {
    public static final int NONE = -1;

    public Call {
        slots = List.copyOf(slots);
        uses = List.copyOf(uses);
        if (arrival < 0 || ready < NONE || wished < NONE || wished >= slots.size()) {
            throw new IllegalArgumentException("arrival %d, ready %d, wished %d".formatted(arrival, ready, wished));
        }
        if (slots.stream().anyMatch(s -> s < 0)) {
            throw new IllegalArgumentException("no sitting is shorter than nothing");
        }
        if (uses.stream().map(Use::tool).distinct().count() < uses.size()) {
            throw new IllegalArgumentException("a sitting holds a tool once");
        }
        if (fixed != null && (fixed.artist() >= slots.size() || slots.get(fixed.artist()) == 0)) {
            throw new IllegalArgumentException("fixed to an artist who cannot do it");
        }
    }

    /** Returns a face that takes as long with everybody. */
    public static Call of(int artists, int slots, int arrival, int ready) {
        return new Call(java.util.Collections.nCopies(artists, slots), arrival, ready, NONE, null, null, List.of());
    }

    public Call wishing(int artist) {
        return new Call(slots, arrival, ready, artist, told, fixed, uses);
    }

    public Call told(Seat seat) {
        return new Call(slots, arrival, ready, wished, seat, fixed, uses);
    }

    public Call fixed(Seat seat) {
        return new Call(slots, arrival, ready, wished, told, seat, uses);
    }

    public Call using(Use... held) {
        return new Call(slots, arrival, ready, wished, told, fixed, List.of(held));
    }

    public Call readyBy(int slot) {
        return new Call(slots, arrival, slot, wished, told, fixed, uses);
    }

    /** Returns the same, so many slots longer with everybody who can do it. */
    public Call longer(int by) {
        List<Integer> more = slots.stream().map(s -> s == 0 ? 0 : s + by).toList();
        return new Call(more, arrival, ready, wished, told, fixed, uses);
    }
}
