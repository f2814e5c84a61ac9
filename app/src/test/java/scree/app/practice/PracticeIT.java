package scree.app.practice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.springframework.beans.factory.annotation.Autowired;
import scree.app.Ground;
import scree.app.TestDatabase;
import scree.app.client.Clients;
import scree.app.face.FaceSheet;
import scree.app.face.Faces;
import scree.app.picture.Picture;
import scree.app.picture.Pictures;
import scree.app.sitting.Sittings;
import scree.app.skin.Readings;
import scree.app.studio.Member;
import scree.app.studio.Role;
import scree.app.web.NotHere;
import scree.standins.camera.Ensemble;
import scree.standins.camera.Studio;

/** Made-up faces are worked on like clients' and are seen nowhere but where they are practised on. */
@TestDatabase
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class PracticeIT {
    private static final int FACE = 2;

    @Autowired
    private Ground ground;

    @Autowired
    private Practice practice;

    @Autowired
    private Clients clients;

    @Autowired
    private Sittings sittings;

    @Autowired
    private Pictures pictures;

    @Autowired
    private Readings readings;

    @Autowired
    private Faces faces;

    private Member owner;
    private Member ida;
    private Member jon;

    @BeforeAll
    void twoTrainees() {
        owner = ground.artist("practice");
        ida = ground.joined(owner, Role.TRAINEE, "Ida");
        jon = ground.joined(owner, Role.TRAINEE, "Jon");
    }

    private Picture newest(long sitting) {
        return pictures.latest(owner.studio(), List.of(sitting)).get(sitting);
    }

    @Test
    void everybodySeesTheirOwnAndWhoeverTeachesSeesAll() {
        long idas = practice.begin(ida, FACE);
        long again = practice.begin(ida, FACE);
        long jons = practice.begin(jon, FACE);
        assertThat(practice.seenBy(ida)).extracting(PracticeSitting::id).startsWith(again, idas);
        assertThat(practice.seenBy(jon)).extracting(PracticeSitting::id).containsExactly(jons);
        assertThat(practice.seenBy(owner)).extracting(PracticeSitting::id).contains(idas, again, jons);
        assertThat(sittings.get(owner.studio(), again).clientId())
                .as("one face, however often")
                .isEqualTo(sittings.get(owner.studio(), idas).clientId());
        assertThat(practice.sitting(owner.studio(), ida.artistId(), idas)).isTrue();
        assertThat(practice.sitting(owner.studio(), jon.artistId(), idas)).isFalse();
        long picture = newest(idas).id();
        assertThat(practice.picture(owner.studio(), ida.artistId(), picture)).isTrue();
        assertThat(practice.picture(owner.studio(), jon.artistId(), picture)).isFalse();
        Member stranger = ground.artist("elsewhere");
        assertThat(practice.seenBy(stranger)).isEmpty();
        assertThat(practice.sitting(stranger.studio(), ida.artistId(), idas)).isFalse();
    }

    @Test
    void aFaceIsNoClientAndNothingOfTheStudiosIsToldByIt() {
        long client = ground.client(owner, null);
        long sitting = practice.begin(ida, FACE);
        int width = newest(sitting).width();
        faces.take(ida, sitting, Studio.points(Ensemble.all().get(FACE), width), FaceSheet.Found.TEMPLATE);
        assertThat(readings.of(owner.studio(), sitting)).as("it is read").isPresent();
        assertThat(clients.search(owner.studio(), "")).extracting(c -> c.id()).containsExactly(client);
        assertThat(readings.known(owner.studio())).isEmpty();
    }

    @Test
    void onlyWhoSeesASittingPutsItAway() {
        long sitting = practice.begin(ida, 0);
        assertThatThrownBy(() -> practice.away(jon, sitting)).isInstanceOf(NotHere.class);
        long clients = ground.sitting(owner, ground.client(owner, null));
        assertThatThrownBy(() -> practice.away(owner, clients)).as("no face").isInstanceOf(NotHere.class);
        practice.away(ida, sitting);
        assertThat(practice.seenBy(owner)).extracting(PracticeSitting::id).doesNotContain(sitting);
        for (int none : new int[] {-1, practice.count()}) {
            assertThatThrownBy(() -> practice.begin(ida, none)).isInstanceOf(NotHere.class);
        }
    }

    @Test
    void everyFaceHasANameAndAPictureOfItsOwn() {
        String[] names = new String[practice.count()];
        for (int i = 0; i < names.length; i++) {
            names[i] = practice.name(i);
            assertThat(practice.picture(i, true).length).isBetween(10_000, practice.picture(i, false).length);
        }
        assertThat(Arrays.asList(names)).doesNotHaveDuplicates().noneMatch(n -> n.contains("."));
    }
}
