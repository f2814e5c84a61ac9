package scree.app.chair;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import scree.app.Ground;
import scree.app.Race;
import scree.app.TestDatabase;
import scree.app.Twelve;
import scree.app.base.Bases;
import scree.app.kit.Kit;
import scree.app.order.Orders;
import scree.app.picture.Pictures;
import scree.app.picture.Upload;
import scree.app.sitting.Sittings;
import scree.app.studio.Member;
import scree.app.web.NotHere;
import scree.core.colour.Lab;
import scree.core.routine.Progress.Kind;
import scree.core.routine.StepCode;
import scree.core.shade.Form;
import scree.core.shade.Role;
import scree.standins.camera.Ensemble;

/** The work at a chair in the real database: begun once, noted once, merged, changed under one's hands, and of its studio only. */
@TestDatabase
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class ChairsIT {
    private static final int SITTER = 4;

    @Autowired
    private Ground ground;

    @Autowired
    private Bases bases;

    @Autowired
    private Kit kit;

    @Autowired
    private Orders orders;

    @Autowired
    private Sittings sittings;

    @Autowired
    private Pictures pictures;

    @Autowired
    private Chairs chairs;

    @Autowired
    private JdbcTemplate sql;

    private Member mine;
    private Member theirs;
    private long base;

    @BeforeAll
    void aStudioWithAKit() {
        mine = ground.artist("chair");
        theirs = ground.artist("neighbour");
        Lab skin = Ensemble.all().get(SITTER).skin();
        base = ground.ware(mine, "Base", Role.BASE, Form.LIQUID, skin, .7);
        for (int deeper = 8; deeper <= 24; deeper += 4) {
            ground.ware(mine, "Rose " + deeper, Role.BLUSH, Form.CREAM, Lab.of(skin.lightness() - deeper, 34, 18), .4);
        }
        ground.ware(mine, "Haze", Role.SPRAY, Form.MIST, Lab.of(90, 0, 0), .02);
    }

    private long sitting() {
        return ground.sitting(mine, ground.client(mine, null));
    }

    private long begun() {
        long sitting = sitting();
        ground.seat(mine, sitting, SITTER);
        bases.take(mine, sitting, base, null, null, 0);
        chairs.begin(mine, sitting);
        return sitting;
    }

    private TakenChair chair(long sitting) {
        return chairs.of(mine.studio(), sitting).orElseThrow();
    }

    /** A tablet at the chair. */
    private final class Tablet {
        private final long sitting;
        private final String device = UUID.randomUUID().toString();
        private final List<Chairs.Said> said = new ArrayList<>();

        Tablet(long sitting) {
            this.sitting = sitting;
        }

        Chairs.Said say(Kind kind, StepCode step) {
            long at = chairs.of(mine.studio(), sitting).orElseThrow().begun().toEpochMilli() + 10L * (1 + said.size());
            said.add(new Chairs.Said(device, said.size() + 1, kind, step, at, null, null));
            return said.get(said.size() - 1);
        }

        void send() {
            chairs.note(mine, sitting, said);
        }
    }

    @Test
    void whatIsFollowedIsThePlanAsItWasWithItsProductsAndPlaces() {
        TakenChair chair = chair(begun());
        assertThat(chair.no()).isEqualTo(1);
        assertThat(chair.progress().current()).contains(StepCode.ASK);
        assertThat(chair.plan().course().codes()).contains(StepCode.MAIN, StepCode.BLUSH, StepCode.LOOK);
        assertThat(chair.plan().wares(StepCode.BLUSH))
                .isNotEmpty()
                .allMatch(w -> w.name().startsWith("Own Rose") && w.role() == Role.BLUSH);
        assertThat(chair.plan().shapes(StepCode.BLUSH))
                .isNotEmpty()
                .allMatch(s -> s.exact() && s.edge().size() > 6 && s.family().equals("COLOUR"));
        assertThat(chair.plan().pictured()).isTrue();
    }

    @Test
    void withoutAPictureTheFaceIsDrawn() {
        long sitting = sitting();
        chairs.begin(mine, sitting);
        ChairPlan plan = chair(sitting).plan();
        assertThat(plan.pictured()).isFalse();
        assertThat(plan.shapes(StepCode.EYECARE)).isNotEmpty();
    }

    @Test
    void aSecondPressAndASecondTabletBeginNothingAnew() throws Exception {
        long sitting = sitting();
        Race.all(() -> chairs.begin(mine, sitting), () -> chairs.begin(mine, sitting));
        Instant begun = chair(sitting).begun();
        chairs.begin(mine, sitting);
        assertThat(chair(sitting).begun()).isEqualTo(begun);
        assertThat(chair(sitting).no()).isEqualTo(1);
    }

    @Test
    void whatIsSentAgainIsTakenOnce() throws Exception {
        long sitting = begun();
        Tablet tablet = new Tablet(sitting);
        tablet.say(Kind.DONE, StepCode.ASK);
        tablet.say(Kind.MORE, StepCode.CLEANSE);
        Race.all(tablet::send, tablet::send);
        tablet.say(Kind.DONE, StepCode.CLEANSE);
        tablet.send();
        assertThat(chair(sitting).notes()).hasSize(3);
        assertThat(chair(sitting).progress().done()).containsExactly(StepCode.ASK, StepCode.CLEANSE);
        assertThat(chair(sitting)
                        .progress()
                        .find(StepCode.CLEANSE)
                        .orElseThrow()
                        .different())
                .containsExactly(Kind.MORE);
    }

    /** One was offline and sends later: the work is what it would have been. */
    @Test
    void twoTabletsMergeByStep() {
        long sitting = begun();
        Tablet offline = new Tablet(sitting);
        Tablet online = new Tablet(sitting);
        Chairs.Said asked = offline.say(Kind.DONE, StepCode.ASK);
        online.say(Kind.PAUSED, null);
        online.say(Kind.DONE, StepCode.CLEANSE);
        online.send();
        assertThat(chair(sitting).progress().current()).contains(StepCode.ASK);
        offline.send();
        assertThat(chair(sitting).progress().behind()).containsExactly(StepCode.ASK, StepCode.CLEANSE);
        assertThat(chair(sitting)
                        .progress()
                        .find(StepCode.ASK)
                        .orElseThrow()
                        .ended()
                        .toEpochMilli())
                .as("when it was done, not when it was sent")
                .isEqualTo(asked.at());
    }

    @Test
    void aClockThatRunsAheadMakesNothingHappenLaterThanNow() {
        long sitting = begun();
        long tomorrow = Instant.now().plus(1, ChronoUnit.DAYS).toEpochMilli();
        String device = UUID.randomUUID().toString();
        chairs.note(mine, sitting, List.of(new Chairs.Said(device, 1, Kind.DONE, StepCode.ASK, tomorrow, null, null)));
        assertThat(chair(sitting).progress().find(StepCode.ASK).orElseThrow().ended())
                .isBeforeOrEqualTo(Instant.now());
    }

    @Test
    void theOrderChangedElsewhereIsOfferedNeverForced() {
        long sitting = begun();
        assertThat(chairs.offered(mine.studio(), chair(sitting))).isEmpty();
        Tablet tablet = new Tablet(sitting);
        tablet.say(Kind.DONE, StepCode.ASK);
        tablet.say(Kind.DONE, chair(sitting).plan().course().codes().get(1));
        tablet.send();
        List<StepCode> before = chair(sitting).plan().course().codes();
        orders.move(mine, sitting, StepCode.TOOLS, 4);
        orders.move(mine, sitting, StepCode.ASK, before.size() - 1);
        assertThat(chair(sitting).plan().course().codes()).isEqualTo(before);
        assertThat(chairs.offered(mine.studio(), chair(sitting)).orElseThrow().moved())
                .isTrue();
        chairs.take(mine, sitting, 1);
        chairs.take(mine, sitting, 1);
        TakenChair now = chair(sitting);
        assertThat(now.no()).as("a second press takes nothing").isEqualTo(2);
        assertThat(now.plan().course().codes().subList(0, 2)).as("done is done").isEqualTo(before.subList(0, 2));
        assertThat(now.plan().course().codes()).containsExactlyInAnyOrderElementsOf(before);
        assertThat(now.progress().done()).hasSize(2);
        assertThat(chairs.offered(mine.studio(), now)).isEmpty();
    }

    @Test
    void aProductThatIsDeletedMeanwhileStaysAsItWasAndIsSaid() {
        long sitting = begun();
        String name = chair(sitting).plan().wares(StepCode.BLUSH).get(0).name();
        long used = chair(sitting).plan().wares(StepCode.BLUSH).get(0).id();
        kit.delete(mine.studio(), used);
        try {
            assertThat(chair(sitting).plan().wares(StepCode.BLUSH).get(0).name())
                    .isEqualTo(name);
            assertThat(chairs.gone(mine.studio(), chair(sitting).plan())).containsExactly(StepCode.BLUSH);
        } finally {
            kit.restore(mine.studio(), used);
        }
    }

    @Test
    void begunAnewNothingOfTheFormerTryCountsAndNothingIsForgotten() {
        long sitting = begun();
        Tablet tablet = new Tablet(sitting);
        tablet.say(Kind.DONE, StepCode.ASK);
        tablet.send();
        sql.update("update chair_note set at = at - interval '1 minute' where sitting_id = ?", sitting);
        sql.update("update chair_plan set taken_at = taken_at - interval '1 minute' where sitting_id = ?", sitting);
        chairs.anew(mine, sitting, 1);
        chairs.anew(mine, sitting, 1);
        assertThat(chair(sitting).no()).isEqualTo(2);
        assertThat(chair(sitting).progress().current()).contains(StepCode.ASK);
        assertThat(sql.queryForObject("select count(*) from chair_note where sitting_id = ?", Integer.class, sitting))
                .isEqualTo(1);
    }

    @Test
    void endedTheSittingIsDone() {
        long sitting = begun();
        Tablet tablet = new Tablet(sitting);
        tablet.say(Kind.FINISHED, null);
        tablet.send();
        assertThat(sittings.get(mine.studio(), sitting).done()).isTrue();
        assertThat(chairs.finished(mine.studio(), sitting)).isPresent();
        assertThat(chairs.offered(mine.studio(), chair(sitting))).isEmpty();
    }

    @Test
    void aPictureOfTheWorkIsKeptOnceAndIsNoPortrait() {
        long sitting = begun();
        long portrait =
                pictures.latest(mine.studio(), List.of(sitting)).get(sitting).id();
        Chairs.Said said = new Tablet(sitting).say(Kind.PICTURE, StepCode.LOOK);
        Pictures.Ready ready = pictures.ready(Upload.of(Twelve.portrait(SITTER + 1)));
        chairs.picture(mine, sitting, said, ready);
        chairs.picture(mine, sitting, said, ready);
        assertThat(chair(sitting).notes())
                .singleElement()
                .extracting(ChairNote::picture)
                .isNotNull();
        assertThat(pictures.latest(mine.studio(), List.of(sitting)).get(sitting).id())
                .isEqualTo(portrait);
        assertThat(sql.queryForObject("select count(*) from picture where sitting_id = ?", Integer.class, sitting))
                .isEqualTo(2);
    }

    @Test
    void aPlanThatCannotBeReadIsSaidAndBegunAnew() {
        long sitting = begun();
        sql.update("update chair_plan set plan = '{\"version\": 99}' where sitting_id = ?", sitting);
        assertThat(chairs.of(mine.studio(), sitting)).isEmpty();
        assertThat(chairs.unreadable(mine.studio(), sitting)).isTrue();
        chairs.anew(mine, sitting, 1);
        assertThat(chairs.unreadable(mine.studio(), sitting)).isFalse();
    }

    @Test
    void anotherStudioSeesAndNotesNothing() {
        long sitting = begun();
        Chairs.Said said = new Tablet(sitting).say(Kind.DONE, StepCode.ASK);
        assertThatThrownBy(() -> chairs.of(theirs.studio(), sitting)).isInstanceOf(NotHere.class);
        assertThatThrownBy(() -> chairs.begin(theirs, sitting)).isInstanceOf(NotHere.class);
        assertThatThrownBy(() -> chairs.since(theirs.studio(), sitting, 0)).isInstanceOf(NotHere.class);
        assertThatThrownBy(() -> chairs.note(theirs, sitting, List.of(said))).isInstanceOf(NotHere.class);
        assertThatThrownBy(() -> chairs.take(theirs, sitting, 1)).isInstanceOf(NotHere.class);
        assertThatThrownBy(() -> chairs.anew(theirs, sitting, 1)).isInstanceOf(NotHere.class);
        assertThat(chair(sitting).notes()).isEmpty();
    }
}
