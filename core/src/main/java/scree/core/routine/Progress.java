package scree.core.routine;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * How far the work at the chair is: told from what was noted, whoever noted it and in whichever order it arrived. Two tablets at one chair
 * merge by step; clocks count from stored moments, so that nothing shifts with the clock of a device.
 *
 * @param states of every step of the course
 * @param current the step to do, empty when all is done
 * @param since when the current step came up or was gone on with
 * @param paused when the work was interrupted, null while it is not
 * @param finished when the sitting was ended, null while it is not
 */
public record Progress(
        List<State> states, Optional<StepCode> current, Instant since, Instant paused, Instant finished) {
    /** What can be noted. */
    public enum Kind {
        /** Hands begin: before what settles has settled, or out of turn. */
        BEGUN,
        DONE,
        SKIPPED,
        /** Done before the sitting. */
        DONE_BEFORE,
        MORE,
        LESS,
        OTHER_PRODUCT,
        /** Gone back to: it was not done yet. */
        BACK,
        /** Taken off again: it is to be done anew. */
        UNDONE,
        /** A flaw seen at the inspection leads back to the step. */
        FLAW,
        NOTE,
        PICTURE,
        /** What a deviation asks for is left as it is. */
        LEFT,
        PAUSED,
        RESUMED,
        FINISHED;

        /** Returns whether it is about the whole work, not about a step. */
        public boolean ofAll() {
            return this == PAUSED || this == RESUMED || this == FINISHED;
        }

        /** Returns whether it brings a step up that was behind. */
        public boolean bringsUp() {
            return this == BACK || this == UNDONE || this == FLAW;
        }

        /** Returns whether it tells a difference from the plan. */
        public boolean different() {
            return switch (this) {
                case SKIPPED, DONE_BEFORE, MORE, LESS, OTHER_PRODUCT, UNDONE, FLAW, NOTE, PICTURE, LEFT -> true;
                case BEGUN, DONE, BACK, PAUSED, RESUMED, FINISHED -> false;
            };
        }
    }

    /**
     * Something that was noted.
     *
     * @param step null where it is about the whole work
     * @param device that it was noted on
     * @param seq its number on the device
     */
    public record Event(Kind kind, StepCode step, Instant at, String device, int seq) {
        private static final Comparator<Event> IN_TIME =
                Comparator.comparing(Event::at).thenComparing(Event::device).thenComparingInt(Event::seq);
    }

    /** Where a step stands. */
    public enum Stand {
        TO_COME,
        DONE,
        SKIPPED
    }

    /**
     * A step as it stands.
     *
     * @param ended when it was done or skipped, null while it was not
     * @param taken how long hands were on it, all times that it was done, without pauses
     * @param different what was different, in the order it was noted
     */
    public record State(StepCode step, Stand stand, Instant ended, Duration taken, List<Kind> different) {
        public State {
            different = List.copyOf(different);
        }
    }

    public Progress {
        states = List.copyOf(states);
    }

    /**
     * Returns how far it is.
     *
     * @param begun when the work began
     * @param events in any order; those of steps that are not in the course count for nothing
     */
    public static Progress of(Course course, Instant begun, List<Event> events) {
        Following following = new Following(course, begun);
        events.stream().sorted(Event.IN_TIME).forEach(following::take);
        return following.told();
    }

    /** Returns a step as it stands, empty for one that is not in the course. */
    public Optional<State> find(StepCode step) {
        return states.stream().filter(s -> s.step() == step).findFirst();
    }

    /** Returns the steps that are done or skipped, in the order of the course. */
    public List<StepCode> behind() {
        return states.stream()
                .filter(s -> s.stand() != Stand.TO_COME)
                .map(State::step)
                .toList();
    }

    /** Returns the steps that are done, in the order that they were done. */
    public List<StepCode> done() {
        return states.stream()
                .filter(s -> s.stand() == Stand.DONE)
                .sorted(Comparator.comparing(State::ended))
                .map(State::step)
                .toList();
    }

    /** A step while its events are gone through. */
    private static final class Told {
        private Stand stand = Stand.TO_COME;
        private Instant ended;
        private Duration taken = Duration.ZERO;
        private final List<Kind> different = new ArrayList<>();

        boolean open() {
            return stand == Stand.TO_COME;
        }
    }

    /** Goes through events in time. */
    private static final class Following {
        private final Course course;
        private final Map<StepCode, Told> told = new EnumMap<>(StepCode.class);
        /** Steps that were asked for out of turn, the last on top. */
        private final List<StepCode> wanted = new ArrayList<>();

        private Optional<StepCode> current;
        private Instant since;
        private boolean ready;
        private Instant paused;
        private Instant finished;

        Following(Course course, Instant begun) {
            this.course = course;
            course.codes().forEach(c -> told.put(c, new Told()));
            this.since = begun;
            this.current = next();
        }

        void take(Event e) {
            if (e.kind().ofAll()) {
                ofAll(e);
                return;
            }
            Told step = e.step() == null ? null : told.get(e.step());
            if (step == null) {
                return;
            }
            if (e.kind().different()) {
                step.different.add(e.kind());
            }
            switch (e.kind()) {
                case BEGUN -> {
                    if (step.open()) {
                        count(e.at(), false);
                        want(e.step());
                        comeUp(e.at());
                        ready = true;
                    }
                }
                case DONE -> end(e, step, Stand.DONE);
                case SKIPPED, DONE_BEFORE -> end(e, step, Stand.SKIPPED);
                case BACK, UNDONE, FLAW -> {
                    count(e.at(), false);
                    step.stand = Stand.TO_COME;
                    step.ended = null;
                    want(e.step());
                    comeUp(e.at());
                }
                default -> {}
            }
        }

        private void ofAll(Event e) {
            switch (e.kind()) {
                case PAUSED -> {
                    if (paused == null) {
                        count(e.at(), false);
                        since = e.at();
                        paused = e.at();
                    }
                }
                case RESUMED -> {
                    if (paused != null) {
                        paused = null;
                        since = e.at();
                    }
                }
                default -> finished = e.at();
            }
        }

        /** A second tap, or a second tablet, ends nothing twice. */
        private void end(Event e, Told step, Stand as) {
            if (!step.open()) {
                return;
            }
            count(e.at(), as == Stand.DONE && current.filter(c -> c == e.step()).isPresent());
            step.stand = as;
            step.ended = e.at();
            wanted.remove(e.step());
            comeUp(e.at());
        }

        private void want(StepCode step) {
            wanted.remove(step);
            wanted.add(step);
        }

        /** What comes up after an event; the interruption, if there was one, is over. */
        private void comeUp(Instant at) {
            paused = null;
            current = next();
            since = at;
            ready = false;
        }

        private Optional<StepCode> next() {
            return wanted.isEmpty()
                    ? course.codes().stream().filter(c -> told.get(c).open()).findFirst()
                    : Optional.of(wanted.get(wanted.size() - 1));
        }

        /** Counts the time that hands were on the current step: not while it waited for another one to settle, unless it ended before. */
        private void count(Instant to, boolean ending) {
            if (current.isEmpty() || paused != null) {
                return;
            }
            Instant settled = settled(current.get());
            Instant from = ready || settled == null || !settled.isAfter(since) ? since : settled;
            if (ending && from.isAfter(to)) {
                from = since;
            }
            if (from.isBefore(to)) {
                Told step = told.get(current.get());
                step.taken = step.taken.plus(Duration.between(from, to));
            }
        }

        private Instant settled(StepCode step) {
            return course.lags().stream()
                    .filter(l -> l.to() == step && l.least() > 0)
                    .filter(l -> told.get(l.from()).stand == Stand.DONE)
                    .map(l -> told.get(l.from()).ended.plus(halves(l.least())))
                    .max(Comparator.naturalOrder())
                    .orElse(null);
        }

        Progress told() {
            List<State> states = new ArrayList<>();
            told.forEach((code, t) -> states.add(new State(code, t.stand, t.ended, t.taken, t.different)));
            states.sort(Comparator.comparingInt(s -> course.codes().indexOf(s.step())));
            return new Progress(states, current, since, paused, finished);
        }
    }

    /** Returns half minutes as a time. */
    public static Duration halves(int halves) {
        return Duration.ofSeconds(30L * halves);
    }
}
