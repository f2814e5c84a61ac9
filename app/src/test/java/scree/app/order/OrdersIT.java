package scree.app.order;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.springframework.beans.factory.annotation.Autowired;
import scree.app.Ground;
import scree.app.Race;
import scree.app.Sentences;
import scree.app.TestDatabase;
import scree.app.base.Bases;
import scree.app.correct.Pot;
import scree.app.judge.RoleShelf;
import scree.app.kit.Kit;
import scree.app.sitting.Sitting;
import scree.app.sitting.Sittings;
import scree.app.skin.Touched;
import scree.app.skin.Touches;
import scree.app.studio.Member;
import scree.app.web.NotHere;
import scree.core.colour.Lab;
import scree.core.face.Side;
import scree.core.routine.CutAction;
import scree.core.routine.OrderCode;
import scree.core.routine.OrderSchool;
import scree.core.routine.SchoolChoice;
import scree.core.routine.StepCode;
import scree.core.routine.WorkZone;
import scree.core.shade.Form;
import scree.core.shade.Role;
import scree.core.skin.Texture;
import scree.core.skin.Zone;
import scree.standins.camera.Ensemble;

/** The running order in the real database: gathered from the stages, moved, cut, undone, remembered; and of its studio only. */
@TestDatabase
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class OrdersIT {
    private static final int SITTER = 4;

    @Autowired
    private Ground ground;

    @Autowired
    private Bases bases;

    @Autowired
    private Touches touches;

    @Autowired
    private Kit kit;

    @Autowired
    private Orders orders;

    @Autowired
    private RoleShelf shelf;

    @Autowired
    private Sittings sittings;

    private Member mine;
    private Member theirs;
    private long base;

    @BeforeAll
    void aStudioWithAKit() {
        mine = ground.artist("order");
        theirs = ground.artist("other");
        Lab skin = Ensemble.all().get(SITTER).skin();
        base = ground.ware(mine, "Base", Role.BASE, Form.LIQUID, skin, .7);
        for (int deeper = 8; deeper <= 24; deeper += 4) {
            ground.ware(
                    mine, "Shade " + deeper, Role.CONTOUR, Form.CREAM, Lab.of(skin.lightness() - deeper, 9, 12), .5);
            ground.ware(mine, "Rose " + deeper, Role.BLUSH, Form.CREAM, Lab.of(skin.lightness() - deeper, 34, 18), .4);
        }
        ground.ware(mine, "Veil", Role.POWDER, Form.POWDER, Lab.of(skin.lightness() + 4, 6, 12), .05);
        ground.ware(mine, "Haze", Role.SPRAY, Form.MIST, Lab.of(90, 0, 0), .02);
    }

    private long sitting() {
        return ground.sitting(mine, ground.client(mine, null));
    }

    /** A sitting with skin, face and base. */
    private long planned() {
        long sitting = sitting();
        plan(sitting);
        return sitting;
    }

    private void plan(long sitting) {
        ground.seat(mine, sitting, SITTER);
        bases.take(mine, sitting, base, null, null, 0);
    }

    private TakenOrder order(long sitting) {
        return orders.of(mine.studio(), sitting);
    }

    @Test
    void whatTheStagesPlannedIsInItWithItsProducts() {
        TakenOrder order = order(planned());
        assertThat(order.order().codes())
                .contains(
                        StepCode.ASK, StepCode.MOIST, StepCode.MAIN, StepCode.SH_CHEEK, StepCode.BLUSH, StepCode.SPRAY);
        assertThat(order.broken()).isEmpty();
        assertThat(order.wares(StepCode.SH_CHEEK))
                .extracting(Pot::name)
                .allMatch(n -> n.contains("Shade"))
                .isNotEmpty();
        assertThat(order.wares(StepCode.BLUSH))
                .extracting(Pot::name)
                .allMatch(n -> n.contains("Rose"))
                .isNotEmpty();
        assertThat(order.wares(StepCode.MAIN))
                .singleElement()
                .extracting(Pot::name)
                .asString()
                .contains("Base");
        assertThat(order.gathered().open()).isEmpty();
    }

    /** The client of the ground is dry-skinned, and the kit has creams. */
    @Test
    void creamsOnDrySkinGoInOneLayerUntilTheArtistSaysOtherwise() {
        long sitting = planned();
        assertThat(order(sitting).choice())
                .isEqualTo(new SchoolChoice(OrderSchool.ONE_LAYER, SchoolChoice.Why.NOTHING_OVERLAPS));
        orders.change(mine, sitting, s -> s.with(OrderSheet.Way.of(OrderSchool.BASE_FIRST)));
        assertThat(order(sitting).choice())
                .isEqualTo(new SchoolChoice(OrderSchool.BASE_FIRST, SchoolChoice.Why.BY_HAND));
        orders.undo(mine.studio(), sitting);
        assertThat(order(sitting).choice().school()).isEqualTo(OrderSchool.ONE_LAYER);
    }

    @Test
    void withoutAnythingPlannedTheOrderSaysWhatIsMissing() {
        TakenOrder order = order(sitting());
        assertThat(order.gathered().open()).containsExactlyInAnyOrder("base", "place", "skin");
        assertThat(order.order().codes()).contains(StepCode.ASK, StepCode.MOIST).doesNotContain(StepCode.BASE);
    }

    @Test
    void aStepMovedWronglyIsNamedMendedAndStaysWhereItIsPutWhenThePlanChanges() {
        long sitting = planned();
        orders.change(mine, sitting, s -> s.with(OrderSheet.Way.of(OrderSchool.BASE_FIRST)));
        List<StepCode> before = order(sitting).order().codes();
        orders.move(mine, sitting, StepCode.SPRAY, before.size() - 1);
        TakenOrder moved = order(sitting);
        assertThat(moved.byHand()).isTrue();
        assertThat(moved.order().codes()).endsWith(StepCode.SPRAY);
        assertThat(moved.broken()).extracting(b -> b.reason()).contains(OrderCode.LOOK_LAST);
        orders.change(mine, sitting, s -> s.with(OrderSheet.Way.of(OrderSheet.Extra.TONE, true)));
        assertThat(order(sitting).order().codes()).contains(StepCode.TONE).endsWith(StepCode.SPRAY);
        for (int taps = 0; !order(sitting).broken().isEmpty() && taps < 12; taps++) {
            var worst = order(sitting).broken().get(0);
            orders.mend(mine, sitting, worst.first(), worst.then());
        }
        assertThat(order(sitting).broken()).isEmpty();
    }

    @Test
    void shortOfTimeTheLeastIsLeftOutAndWhatIsKeptStays() {
        long sitting = planned();
        TakenOrder full = order(sitting);
        int minutes = full.order().end() * 9 / 20;
        orders.change(mine, sitting, s -> s.within(minutes));
        TakenOrder cut = order(sitting);
        assertThat(cut.order().end()).isLessThanOrEqualTo(2 * minutes);
        List<CutAction> taken = cut.cut().orElseThrow().taken();
        assertThat(taken).isNotEmpty();
        orders.change(mine, sitting, s -> s.keeping(taken.get(0)));
        assertThat(order(sitting).cut().orElseThrow().taken()).doesNotContain(taken.get(0));
        assertThatThrownBy(() -> orders.change(mine, sitting, s -> s.within(3)))
                .isInstanceOf(IllegalArgumentException.class);
        assertThat(order(sitting).sheet().minutes()).isEqualTo(minutes);
    }

    /** Products of a role are read once as long as the kit stays as it is, and no longer. */
    @Test
    void whatComesIntoTheKitIsThereAtOnceAndWhatGoesIsGone() {
        long sitting = sitting();
        Sitting of = sittings.get(mine.studio(), sitting);
        int before = shelf.allowed(mine.studio(), of, Role.BRONZER).size();
        long sun = ground.ware(mine, "Sun", Role.BRONZER, Form.POWDER, Lab.of(50, 14, 24), .3);
        assertThat(shelf.allowed(mine.studio(), of, Role.BRONZER)).hasSize(before + 1);
        assertThat(shelf.allowed(theirs.studio(), of, Role.BRONZER)).isEmpty();
        kit.delete(mine.studio(), sun);
        assertThat(shelf.allowed(mine.studio(), of, Role.BRONZER)).hasSize(before);
    }

    @Test
    void brokenSkinIsWorkedByNoStep() {
        long sitting = planned();
        touches.toggle(mine.studio(), sitting, new Touched(Zone.CHIN, Side.CENTRE, Texture.BROKEN_SKIN));
        assertThat(order(sitting).order().zones()).doesNotContain(WorkZone.MOUTH);
    }

    @Test
    void theNextTimeBeginsAsThisOneDidAndNotWithItsHaste() {
        long client = ground.client(mine, null);
        long first = ground.sitting(mine, client);
        orders.change(
                mine,
                first,
                s -> s.with(OrderSheet.Way.of(OrderSchool.UNDERPAINTING)).within(40));
        orders.move(mine, first, StepCode.TOOLS, 2);
        long later = ground.sitting(mine, client);
        TakenOrder next = order(later);
        assertThat(next.choice().school()).isEqualTo(OrderSchool.UNDERPAINTING);
        assertThat(next.choice().why()).isEqualTo(SchoolChoice.Why.LAST_TIME);
        assertThat(next.sheet().minutes()).isNull();
        assertThat(next.byHand()).isFalse();
    }

    @Test
    void ofTwoChangesAtOnceNoneIsLost() throws Exception {
        long sitting = sitting();
        Race.all(
                () -> orders.change(mine, sitting, s -> s.with(OrderSheet.Way.of(OrderSheet.Extra.TONE, true))),
                () -> orders.change(mine, sitting, s -> s.with(OrderSheet.Way.of(OrderSheet.Extra.BODY, true))));
        assertThat(order(sitting).gathered().done()).contains(OrderSheet.Extra.TONE, OrderSheet.Extra.BODY);
    }

    @Test
    void anotherStudioSeesNothing() {
        long sitting = sitting();
        assertThatThrownBy(() -> orders.of(theirs.studio(), sitting)).isInstanceOf(NotHere.class);
        assertThatThrownBy(() -> orders.change(theirs, sitting, s -> s.within(30)))
                .isInstanceOf(NotHere.class);
        assertThatThrownBy(() -> orders.move(theirs, sitting, StepCode.TOOLS, 1))
                .isInstanceOf(NotHere.class);
    }

    /** All stones lie in the drawing, in their row beside each other, and every step is in the list. */
    @Test
    void theDrawingHoldsEveryStepOnce() {
        TakenOrder taken = order(planned());
        OrderView view = OrderView.of(taken, StepCode.BASE, new OrderWords(Sentences.all()));
        assertThat(view.line().stones()).hasSize(taken.order().timed().size());
        assertThat(view.rows()).extracting(OrderView.Row::code).doesNotHaveDuplicates();
        var byRow = view.line().stones().stream().collect(Collectors.groupingBy(OrderDrawing.Stone::y));
        byRow.values().forEach(row -> {
            for (int i = 1; i < row.size(); i++) {
                OrderDrawing.Stone left = row.get(i - 1);
                OrderDrawing.Stone right = row.get(i);
                assertThat(left.x() + left.width() / 2).isLessThanOrEqualTo(right.x() - right.width() / 2);
            }
        });
        assertThat(view.line().waits()).allSatisfy(w -> {
            assertThat(w.x() + w.width()).isLessThanOrEqualTo(view.line().width());
            assertThat(w.y())
                    .isBetween(view.line().groundY(), (double) view.line().height());
        });
    }
}
