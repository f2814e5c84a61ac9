package scree.app.sitting;

import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import scree.app.studio.Member;
import scree.app.studio.StudioId;
import scree.app.web.NotHere;
import tools.jackson.databind.json.JsonMapper;

/** Keeps what was done on a stage step by step, so that every step can be undone and redone, also after a reload. */
@Service
public class Steps {
    /** Steps kept a stage. House choice: more than anyone takes back. */
    private static final int KEPT = 60;

    private final StepMapper mapper;
    private final JsonMapper json;

    Steps(StepMapper mapper, JsonMapper json) {
        this.mapper = mapper;
        this.json = json;
    }

    /** The stages that are kept this way. */
    public enum Stage {
        FACE,
        PLACE,
        MIX
    }

    /** What is present now. */
    public record Present<T>(int seq, T state, boolean undoable, boolean redoable) {}

    public <T> Optional<Present<T>> present(StudioId studio, long sitting, Stage stage, Class<T> type) {
        return Optional.ofNullable(mapper.present(studio, sitting, stage.name()))
                .map(r -> new Present<>(r.seq(), json.readValue(r.state(), type), r.undoable(), r.redoable()));
    }

    /** Makes a state the present one; what had been undone before it is gone. */
    @Transactional
    public void push(Member me, long sitting, Stage stage, Object state) {
        StudioId studio = me.studio();
        NotHere.unless(mapper.lock(studio, sitting), "sitting");
        StepRow now = mapper.present(studio, sitting, stage.name());
        int seq = now == null ? 1 : now.seq() + 1;
        mapper.forgetAfter(studio, sitting, stage.name(), seq - 1);
        mapper.forgetBefore(studio, sitting, stage.name(), seq - KEPT);
        mapper.leavePresent(studio, sitting, stage.name());
        mapper.add(studio, sitting, stage.name(), seq, json.writeValueAsString(state), me.artistId());
    }

    @Transactional
    public void undo(StudioId studio, long sitting, Stage stage) {
        step(studio, sitting, stage, true);
    }

    @Transactional
    public void redo(StudioId studio, long sitting, Stage stage) {
        step(studio, sitting, stage, false);
    }

    private void step(StudioId studio, long sitting, Stage stage, boolean back) {
        NotHere.unless(mapper.lock(studio, sitting), "sitting");
        StepRow now = mapper.present(studio, sitting, stage.name());
        Integer to = now == null ? null : mapper.neighbour(studio, sitting, stage.name(), now.seq(), back);
        if (to != null) {
            mapper.leavePresent(studio, sitting, stage.name());
            mapper.makePresent(studio, sitting, stage.name(), to);
        }
    }
}
