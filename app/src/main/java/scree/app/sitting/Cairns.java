package scree.app.sitting;

import java.util.Comparator;
import java.util.List;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import scree.app.look.Cairn;
import scree.app.studio.StudioId;
import scree.app.web.Words;

/** Stacks the cairn of a sitting from what its stages report. */
@Component
public class Cairns {
    private static final Logger LOG = LoggerFactory.getLogger(Cairns.class);
    private final List<StageOfSitting> stages;

    private final Words words;

    Cairns(List<StageOfSitting> stages, Words words) {
        this.words = words;
        this.stages = stages.stream()
                .sorted(Comparator.comparingInt(StageOfSitting::order))
                .toList();
    }

    /**
     * In one transaction, so that what several stages ask is read once.
     *
     * @param present key of the stage that is open
     */
    @Transactional(readOnly = true)
    public Cairn of(StudioId studio, Sitting sitting, String present) {
        List<Cairn.Stage> reached = stages.stream()
                .map(stage -> reached(stage, studio, sitting))
                .map(s -> s.key().equals(present)
                        ? new Cairn.Stage(s.key(), Cairn.State.PRESENT, s.result(), s.colour(), s.colourId())
                        : s)
                .toList();
        String plays = sitting.client().plays() == null ? "" : sitting.client().plays() + " · ";
        String line = plays + words.date("date.clock", sitting.startsAt()) + " · " + sitting.artistFirstName();
        return Cairn.stack(sitting.id(), sitting.clientName(), sitting.clientId(), line, reached);
    }

    private Cairn.Stage reached(StageOfSitting stage, StudioId studio, Sitting sitting) {
        try {
            if (!stage.unreadable(studio, sitting.id())) {
                return stage.reached(studio, sitting);
            }
        } catch (IllegalArgumentException | IllegalStateException | ArithmeticException unforeseen) {
            LOG.warn("sitting {} stage {} cannot be told", sitting.id(), stage.key(), unforeseen);
        }
        String unreadable = words.say("stage.unreadable");
        return new Cairn.Stage(stage.key(), Cairn.State.LOOK_AGAIN, unreadable, null, null);
    }
}
