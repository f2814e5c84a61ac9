package scree.app;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.UUID;
import org.springframework.boot.test.context.TestComponent;
import scree.app.client.Client;
import scree.app.client.Clients;
import scree.app.face.FaceSheet;
import scree.app.face.Faces;
import scree.app.kit.Kit;
import scree.app.kit.Opened;
import scree.app.kit.Product;
import scree.app.kit.Stock;
import scree.app.kit.Swatch;
import scree.app.people.People;
import scree.app.picture.Upload;
import scree.app.sitting.Sittings;
import scree.app.skin.Readings;
import scree.app.studio.Accounts;
import scree.app.studio.Member;
import scree.core.colour.Lab;
import scree.core.shade.Finish;
import scree.core.shade.Form;
import scree.core.shade.Role;
import scree.core.shade.Traits;
import scree.core.skin.SkinType;

/** What tests on the real database stand on: a studio of their own with an artist, a client, an open sitting, a picture. */
@TestComponent
public class Ground {
    /** Opens every account that is made here. */
    public static final String PASSWORD = "loose stones";

    private final Accounts accounts;
    private final Clients clients;
    private final Sittings sittings;
    private final Kit kit;
    private final Readings readings;
    private final Faces faces;
    private final People people;

    Ground(
            Accounts accounts,
            Clients clients,
            Sittings sittings,
            Kit kit,
            Readings readings,
            Faces faces,
            People people) {
        this.people = people;
        this.accounts = accounts;
        this.clients = clients;
        this.sittings = sittings;
        this.kit = kit;
        this.readings = readings;
        this.faces = faces;
    }

    /** Founds a studio with one artist. */
    public Member artist(String studio) {
        String email = studio + UUID.randomUUID() + "@scree.example";
        accounts.addArtist(accounts.foundStudio(studio), "Runa", email, PASSWORD);
        return accounts.loadUserByUsername(email);
    }

    /** Returns somebody whom the owner asked in, and who came. */
    public Member joined(Member owner, scree.app.studio.Role role, String name) {
        String email = UUID.randomUUID() + "@scree.example";
        people.join(people.at(people.invite(owner, role)).orElseThrow(), name, email, PASSWORD);
        return accounts.loadUserByUsername(email);
    }

    /** @param allergies or null */
    public long client(Member of, String allergies) {
        return clients.add(
                of.studio(),
                new Client(0, "Petra Kvist", null, 1982, "Viola", SkinType.DRY, allergies, null, LocalDate.now(), 0));
    }

    public long sitting(Member of, long client) {
        return sittings.add(of.studio(), client, of.artistId(), LocalDateTime.now(), 45, "Concert");
    }

    /** Puts a product of the line "Own" into a kit, of the colour that it settles to. */
    public long ware(Member of, String name, Role role, Form form, Lab colour, double contrast) {
        Swatch swatch = Swatch.of(colour, colour);
        return kit.add(of.studio(), Product.fresh("Own", name, role, form, Finish.SATIN, contrast, swatch));
    }

    /** Takes one of the twelve into a sitting: the picture, the points as they are known, and so the skin. */
    public void seat(Member of, long sitting, int sitter) {
        readings.take(of.studio(), sitting, Upload.of(Twelve.portrait(sitter)));
        faces.take(of, sitting, Twelve.points(sitter), FaceSheet.Found.TEMPLATE);
    }

    /**
     * A liquid base that was opened today.
     *
     * @param lightness L* as it settles
     * @param allergens or null
     */
    public static Product base(String line, String name, double lightness, String allergens) {
        return new Product(
                0,
                line,
                name,
                Role.BASE,
                Form.LIQUID,
                Finish.SATIN,
                .8,
                Swatch.of(Lab.of(lightness + 1, 10, 16), Lab.of(lightness, 10, 16)),
                Traits.UNTOLD,
                new Opened(LocalDate.now(), 12),
                allergens,
                Stock.ENOUGH,
                0);
    }
}
