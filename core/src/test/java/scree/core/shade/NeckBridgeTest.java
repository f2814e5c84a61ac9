package scree.core.shade;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import scree.core.colour.Lab;
import scree.core.reason.Severity;
import scree.core.shade.NeckBridge.Bridge;
import scree.core.shade.NeckBridge.Kit;
import scree.core.shade.NeckBridge.Product;
import scree.core.shade.NeckBridge.Way;
import scree.core.skin.ReferenceCurve;

class NeckBridgeTest {
    private static final Lab JAW = ReferenceCurve.at(58);
    private static final Lab NECK = ReferenceCurve.at(64);

    private static scree.core.colour.Film coat(Role role, Lab colour, double contrast) {
        return UsualCoat.of(role.usualForm(), colour, contrast).laid(role, 1);
    }

    private static final Product BASE = new Product(1, coat(Role.BASE, ReferenceCurve.at(58), .8));
    private static final Product LIGHTER = new Product(2, coat(Role.BASE, ReferenceCurve.at(66), .7));
    private static final Product LOW_SUN = new Product(3, coat(Role.BRONZER, Lab.of(52, 15, 25), .4));
    private static final Product HIGH_SUN = new Product(4, coat(Role.BRONZER, Lab.of(42, 17, 24), .4));

    private static Kit kit(boolean collar) {
        return new Kit(BASE, List.of(LIGHTER), List.of(LOW_SUN, HIGH_SUN), List.of(BASE), collar);
    }

    private static Bridge way(List<Bridge> ways, Way way) {
        return ways.stream().filter(b -> b.way() == way).findFirst().orElseThrow();
    }

    private static int place(List<Bridge> ways, Way way) {
        return ways.indexOf(way(ways, way));
    }

    @Test
    void everyWayIsShownWithWhatItLeaves() {
        List<Bridge> ways = NeckBridge.of(JAW, NECK, kit(false));
        assertThat(ways).extracting(Bridge::way).containsExactlyInAnyOrder(Way.values());
        for (Bridge b : ways) {
            assertThat(b.left()).isEqualTo(b.face().differenceFrom(b.neck()));
        }
        double nothing = way(ways, Way.NOTHING).left();
        assertThat(nothing).isGreaterThan(NeckBridge.WORTH_IT);
        assertThat(way(ways, Way.VEIL).left()).isLessThan(nothing);
        assertThat(way(ways, Way.WARM_THE_NECK).left()).isLessThan(nothing);
        assertThat(way(ways, Way.BRIGHTEN_LOWER_FACE).left()).isLessThan(nothing);
        assertThat(way(ways, Way.BODY_PRODUCT).left()).isLessThan(2.5);
    }

    @Test
    void aVeilLeavesTheNeckNearerToItselfThanToTheFace() {
        Bridge veil = way(NeckBridge.of(JAW, NECK, kit(false)), Way.VEIL);
        assertThat(veil.neck().differenceFrom(NECK)).isPositive();
        assertThat(veil.coats().get(0)).isLessThan(.5);
        assertThat(veil.products()).containsExactly(BASE.id());
    }

    @Test
    void theDeeperBronzerGoesAboveTheLighterBelow() {
        Bridge two = way(NeckBridge.of(JAW, NECK, kit(false)), Way.TWO_BRONZERS);
        assertThat(two.products()).containsExactly(HIGH_SUN.id(), LOW_SUN.id());
    }

    @Test
    void aLightCollarPutsTheCoatBackAndWarns() {
        List<Bridge> open = NeckBridge.of(JAW, NECK, kit(false));
        List<Bridge> collar = NeckBridge.of(JAW, NECK, kit(true));
        assertThat(place(collar, Way.BODY_PRODUCT)).isGreaterThan(place(open, Way.BODY_PRODUCT));
        assertThat(place(collar, Way.BODY_PRODUCT)).isGreaterThan(place(collar, Way.VEIL));
        assertThat(way(collar, Way.BODY_PRODUCT).reasons())
                .anyMatch(r -> r.code() == NeckBridge.Code.COLLAR && r.severity() == Severity.CAUTION);
        assertThat(way(collar, Way.VEIL).reasons()).anyMatch(r -> r.code() == NeckBridge.Code.COLLAR_VEIL);
        assertThat(way(open, Way.VEIL).reasons()).noneMatch(r -> r.severity() == Severity.CAUTION);
    }

    @Test
    void alikeFaceAndNeckNeedNoBridge() {
        List<Bridge> ways = NeckBridge.of(JAW, JAW, kit(false));
        assertThat(ways.get(0).way()).isEqualTo(Way.NOTHING);
        assertThat(NeckBridge.worthIt(JAW, JAW)).isFalse();
        assertThat(NeckBridge.worthIt(JAW, NECK)).isTrue();
    }

    @Test
    void anEmptyKitStillOffersTheVeil() {
        List<Bridge> ways = NeckBridge.of(JAW, NECK, new Kit(BASE, List.of(), List.of(), List.of(), false));
        assertThat(ways).extracting(Bridge::way).containsExactlyInAnyOrder(Way.NOTHING, Way.VEIL);
    }

    @Test
    void aWayThatLeavesNoLessThanNothingDoesSaysSo() {
        List<Bridge> ways = NeckBridge.of(JAW, JAW, kit(false)); // neck and jaw alike: there is nothing to bridge
        assertThat(way(ways, Way.WARM_THE_NECK).reasons()).anyMatch(r -> r.code() == NeckBridge.Code.NO_BETTER);
        assertThat(way(ways, Way.NOTHING).reasons()).noneMatch(r -> r.code() == NeckBridge.Code.NO_BETTER);
    }
}
