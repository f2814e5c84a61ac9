package scree.app.timetable;

import java.time.LocalDateTime;

/** Where a sitting stands in the day, and what it was asked to keep: what a change of the day changes, and an undo puts back. */
record Place(
        long sitting,
        long artist,
        LocalDateTime startsAt,
        int minutes,
        boolean byHand,
        LocalDateTime arrivesAt,
        LocalDateTime readyBy,
        Long wished,
        boolean held) {
    Place at(long toArtist, LocalDateTime start) {
        return new Place(sitting, toArtist, start, minutes, byHand, arrivesAt, readyBy, wished, held);
    }

    Place taking(int time, boolean hand) {
        return new Place(sitting, artist, startsAt, time, hand, arrivesAt, readyBy, wished, held);
    }

    Place arriving(LocalDateTime at) {
        return new Place(sitting, artist, startsAt, minutes, byHand, at, readyBy, wished, held);
    }

    Place holding(boolean stays) {
        return new Place(sitting, artist, startsAt, minutes, byHand, arrivesAt, readyBy, wished, stays);
    }

    Place wanted(LocalDateTime ready, Long artistWished) {
        return new Place(sitting, artist, startsAt, minutes, byHand, arrivesAt, ready, artistWished, held);
    }
}
