package scree.app.sitting;

import java.util.Optional;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import scree.app.studio.Member;
import scree.app.studio.StudioId;
import scree.app.web.NotHere;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/**
 * Keeps what was done on a stage step by step, so that every step can be undone and redone, also after a reload. All changes go
 * through {@link #change} or {@link #begin}: the sitting is locked, what is present is read afresh behind the lock, changed and
 * kept, so that of two changes at once none is lost.
 */
@Service
public class Steps {
    private static final Logger LOG = LoggerFactory.getLogger(Steps.class);
    /** Steps kept a stage. House choice: more than anyone takes back. */
    private static final int KEPT = 60;

    private final StepMapper mapper;
    private final JsonMapper json;

    Steps(StepMapper mapper, JsonMapper json) {
        this.mapper = mapper;
        this.json = json;
    }

    /**
     * What a stage keeps.
     *
     * @param stage its name among the steps
     * @param type its state; the constructor refuses what cannot be
     */
    public record Kind<T>(String stage, Class<T> type) {}

    /** What is present now. */
    public record Present<T>(int seq, T state, boolean undoable, boolean redoable) {}

    /** Returns what is present; empty before the first step, and while the stored state cannot be read. */
    public <T> Optional<Present<T>> present(StudioId studio, long sitting, Kind<T> kind) {
        StepRow row = mapper.present(studio, sitting, kind.stage());
        try {
            return row == null ? Optional.empty() : Optional.of(read(row, kind));
        } catch (JacksonException | IllegalArgumentException unreadable) {
            LOG.warn(
                    "sitting {} {} step {} cannot be read: {}",
                    sitting,
                    kind.stage(),
                    row.seq(),
                    unreadable.toString());
            return Optional.empty();
        }
    }

    /** Returns whether something is stored that cannot be read. Undoing the last step leads out of it. */
    public boolean unreadable(StudioId studio, long sitting, Kind<?> kind) {
        StepRow row = mapper.present(studio, sitting, kind.stage());
        return row != null && present(studio, sitting, kind).isEmpty();
    }

    private <T> Present<T> read(StepRow row, Kind<T> kind) {
        return new Present<>(row.seq(), json.readValue(row.state(), kind.type()), row.undoable(), row.redoable());
    }

    /**
     * Changes what is present.
     *
     * @param first what the stage shows before anything was done; kept as a step of its own, so that the first change can be
     *     undone. Empty where there is nothing to change yet
     * @param by given what is present, returns what is to be; equal to it, nothing is kept
     * @throws NotHere when there is nothing to change
     * @throws UnreadableState when what is stored cannot be read
     */
    @Transactional
    public <T> void change(Member me, long sitting, Kind<T> kind, Supplier<Optional<T>> first, UnaryOperator<T> by) {
        Optional<Present<T>> now = hold(me.studio(), sitting, kind);
        T from = now.map(Present::state).or(first).orElseThrow(() -> new NotHere(kind.stage()));
        T to = by.apply(from);
        if (to.equals(from)) {
            return;
        }
        int seq = now.map(Present::seq).orElse(0);
        if (now.isEmpty()) {
            push(me, sitting, kind, ++seq, from);
        }
        push(me, sitting, kind, seq + 1, to);
    }

    /** Lays a state that may or may not follow from what is present, or from what cannot be read. */
    @Transactional
    public <T> void begin(Member me, long sitting, Kind<T> kind, Function<Optional<T>, T> by) {
        NotHere.unless(mapper.lock(me.studio(), sitting), "sitting");
        StepRow row = mapper.present(me.studio(), sitting, kind.stage());
        T to = by.apply(present(me.studio(), sitting, kind).map(Present::state));
        push(me, sitting, kind, row == null ? 1 : row.seq() + 1, to);
    }

    /** Locks the sitting until the end of the transaction and returns what is present behind the lock. */
    private <T> Optional<Present<T>> hold(StudioId studio, long sitting, Kind<T> kind) {
        NotHere.unless(mapper.lock(studio, sitting), "sitting");
        StepRow row = mapper.present(studio, sitting, kind.stage());
        try {
            return row == null ? Optional.empty() : Optional.of(read(row, kind));
        } catch (JacksonException | IllegalArgumentException unreadable) {
            throw new UnreadableState(kind.stage());
        }
    }

    private void push(Member me, long sitting, Kind<?> kind, int seq, Object state) {
        StudioId studio = me.studio();
        mapper.forgetAfter(studio, sitting, kind.stage(), seq - 1);
        mapper.forgetBefore(studio, sitting, kind.stage(), seq - KEPT);
        mapper.leavePresent(studio, sitting, kind.stage());
        mapper.add(studio, sitting, kind.stage(), seq, json.writeValueAsString(state), me.artistId());
    }

    /** Goes one step back; at the first step nothing happens. */
    @Transactional
    public void undo(StudioId studio, long sitting, Kind<?> kind) {
        step(studio, sitting, kind, true);
    }

    /** Goes one step forth again. */
    @Transactional
    public void redo(StudioId studio, long sitting, Kind<?> kind) {
        step(studio, sitting, kind, false);
    }

    /** An only step that cannot be read is undone too: the stage begins anew. */
    private void step(StudioId studio, long sitting, Kind<?> kind, boolean back) {
        NotHere.unless(mapper.lock(studio, sitting), "sitting");
        StepRow now = mapper.present(studio, sitting, kind.stage());
        if (now == null) {
            return;
        }
        Integer to = mapper.neighbour(studio, sitting, kind.stage(), now.seq(), back);
        if (to != null) {
            mapper.leavePresent(studio, sitting, kind.stage());
            mapper.makePresent(studio, sitting, kind.stage(), to);
        } else if (back && unreadable(studio, sitting, kind)) {
            mapper.forgetAfter(studio, sitting, kind.stage(), now.seq() - 1);
        }
    }
}
