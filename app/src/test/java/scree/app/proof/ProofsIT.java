package scree.app.proof;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.springframework.beans.factory.annotation.Autowired;
import scree.app.Ground;
import scree.app.TestDatabase;
import scree.app.Twelve;
import scree.app.base.BaseFilter;
import scree.app.base.Bases;
import scree.app.homelink.HomeLink;
import scree.app.homelink.HomeLinks;
import scree.app.kit.Kit;
import scree.app.kit.Product;
import scree.app.picture.Pictures;
import scree.app.picture.Upload;
import scree.app.sitting.Sittings;
import scree.app.skin.Readings;
import scree.app.studio.Member;
import scree.app.web.NotHere;

/** Records in the real database: kept when a sitting ends and untouched by what comes later; reactions that are cautions at once. */
@TestDatabase
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class ProofsIT {
    private static final int SITTER = 4;

    @Autowired
    private HomeLinks links;

    @Autowired
    private Ground ground;

    @Autowired
    private Readings readings;

    @Autowired
    private Bases bases;

    @Autowired
    private Kit kit;

    @Autowired
    private Sittings sittings;

    @Autowired
    private Pictures pictures;

    @Autowired
    private Proofs proofs;

    private Member me;
    private long client;
    private long sitting;
    private Product worn;

    @BeforeAll
    void aSittingThatEnded() {
        me = ground.artist("proof");
        client = ground.client(me, "nickel");
        sitting = ground.sitting(me, client);
        kit.addAll(me.studio(), List.of(Ground.base("Marl", "60", 60, null), Ground.base("Marl", "52", 52, null)));
        ground.seat(me, sitting, SITTER);
        readings.keep(
                me.studio(),
                sitting,
                readings.of(me.studio(), sitting).orElseThrow().version());
        worn = bases.shortlist(me.studio(), sitting, BaseFilter.ANY)
                .orElseThrow()
                .ranked()
                .get(0)
                .product();
        bases.take(me, sitting, worn.id(), "like last time", null, 0);
        sittings.finish(me.studio(), sitting);
    }

    @Test
    void whatItWasStaysWhateverTheKitDoesLater() {
        Kept kept = proofs.of(me.studio(), sitting).kept();
        assertThat(kept.measured()).isTrue();
        assertThat(kept.skin()).isNotEmpty();
        assertThat(kept.careful()).isEqualTo("nickel");
        assertThat(kept.base().name()).isEqualTo(worn.fullName());
        assertThat(kept.zones())
                .isNotEmpty()
                .allMatch(z -> z.outlines().stream().allMatch(o -> o.size() > 6));
        kit.delete(me.studio(), worn.id());
        Proofs.Told later = proofs.of(me.studio(), sitting);
        assertThat(later.no()).isEqualTo(1);
        assertThat(later.kept()).isEqualTo(kept);
        kit.restore(me.studio(), worn.id());
    }

    @Test
    void aSittingThatEndsOnceMoreGetsOneMoreRecord() {
        long other = ground.sitting(me, client);
        assertThat(proofs.of(me.studio(), other).no()).as("it has not ended").isZero();
        sittings.finish(me.studio(), other);
        sittings.finish(me.studio(), other);
        assertThat(proofs.of(me.studio(), other).no()).isEqualTo(2);
    }

    @Test
    void aReactionIsACautionOfTheClientAtOnce() {
        long next = ground.sitting(me, client);
        assertThat(sittings.get(me.studio(), next).before().reactions()).isNull();
        proofs.tell(
                me, sitting, new Proofs.Telling(6, Set.of(Wore.Seen.TURNED_ORANGE), "jaw", "itched at the jaw", null));
        assertThat(sittings.get(me.studio(), next).before().reactions()).contains("itched at the jaw");
        assertThat(proofs.learned(me.studio(), client)).anyMatch(l -> l.contains("itched at the jaw"));
        assertThat(proofs.learned(me.studio(), client))
                .anyMatch(l -> l.contains(worn.fullName()) && l.contains("Once may be the light"));
        proofs.tell(me, sitting, new Proofs.Telling(8, Set.of(Wore.Seen.TURNED_ORANGE), null, null, null));
        assertThat(proofs.learned(me.studio(), client)).anyMatch(l -> l.contains("2 times"));
        assertThat(proofs.of(me.studio(), sitting).wore())
                .hasSize(2)
                .first()
                .extracting(Wore::place)
                .isEqualTo("jaw");
    }

    @Test
    void aClientTellsByALinkAsOftenAsItBearsUntilItIsTakenBack() {
        long other = ground.sitting(me, ground.client(me, null));
        String token = links.make(me, other, HomeLink.Kind.WEAR, null);
        assertThat(links.at(token + "x", HomeLink.Kind.WEAR)).isEmpty();
        HomeLink link = links.at(token, HomeLink.Kind.WEAR).orElseThrow();
        Proofs.Telling held = new Proofs.Telling(5, Set.of(Wore.Seen.HELD), null, null, null);
        for (int i = 0; i < HomeLink.Kind.WEAR.most(); i++) {
            assertThat(proofs.tell(link, held)).isTrue();
        }
        assertThat(proofs.tell(link, held)).as("worn out").isFalse();
        assertThat(proofs.of(me.studio(), other).wore())
                .hasSize(HomeLink.Kind.WEAR.most())
                .allMatch(w -> w.by().equals("Petra Kvist"));
        links.close(ground.artist("stranger"), other, link.id());
        assertThat(links.at(token, HomeLink.Kind.WEAR))
                .as("a stranger closes nothing")
                .isPresent();
        links.close(me, other, link.id());
        assertThat(links.at(token, HomeLink.Kind.WEAR)).isEmpty();
    }

    @Test
    void aPictureWithoutAFaceIsKeptAllTheSameAndIsNoPortrait() {
        proofs.after(me, sitting, Upload.of(Twelve.portrait(SITTER)), "", 0, true);
        After after = proofs.of(me.studio(), sitting).after().get(0);
        assertThat(after.flash()).isTrue();
        assertThat(after.face()).isEmpty();
        assertThat(pictures.latest(me.studio(), List.of(sitting)).get(sitting).id())
                .isNotEqualTo(after.picture());
    }

    /** What has to be asked anew is not taken along. */
    @Test
    void doneAgainItBeginsWithWhatWasAskedButNotWithHealth() {
        long fresh = proofs.repeat(me, sitting);
        var before = sittings.get(me.studio(), sitting);
        var again = sittings.get(me.studio(), fresh);
        assertThat(again.clientId()).isEqualTo(client);
        assertThat(again.minutes()).isEqualTo(before.minutes());
        assertThat(again.intake().patchTest()).isNull();
        assertThat(again.intake().reactions()).isNull();
        assertThat(Comparison.of(
                                proofs.of(me.studio(), sitting).kept(),
                                proofs.of(me.studio(), fresh).kept())
                        .skin())
                .as("not read yet")
                .isEmpty();
    }

    @Test
    void anotherStudioSeesAndTellsNothing() {
        Member other = ground.artist("other");
        assertThatThrownBy(() -> proofs.of(other.studio(), sitting)).isInstanceOf(NotHere.class);
        assertThatThrownBy(() -> proofs.repeat(other, sitting)).isInstanceOf(NotHere.class);
        assertThatThrownBy(() -> proofs.tell(other, sitting, new Proofs.Telling(1, Set.of(), null, "x", null)))
                .isInstanceOf(NotHere.class);
        assertThat(proofs.learned(other.studio(), client)).isEmpty();
    }
}
