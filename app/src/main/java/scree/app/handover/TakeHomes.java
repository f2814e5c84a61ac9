package scree.app.handover;

import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.Base64;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import scree.app.chair.ClientSteps;
import scree.app.face.Faces;
import scree.app.kit.Kit;
import scree.app.kit.Product;
import scree.app.picture.Pictures;
import scree.app.place.PhaseDrawing;
import scree.app.place.Placements;
import scree.app.place.TakenPlan;
import scree.app.sitting.Sitting;
import scree.app.sitting.Sittings;
import scree.app.studio.StudioId;
import scree.app.studio.StudioTime;
import scree.app.web.Words;
import scree.core.placement.Family;
import scree.core.shade.Role;

/** Gathers what goes onto a client's sheet. */
@Service
public class TakeHomes {
    /** House choice: what is left of a morning. */
    private static final int QUICK_MINUTES = 5;

    /** What is carried for touching up. */
    private static final Set<Role> CARRIED =
            EnumSet.of(Role.POWDER, Role.CONCEALER, Role.LIP, Role.LIP_GLOSS, Role.BLUSH);

    private final Sittings sittings;
    private final Placements placements;
    private final Faces faces;
    private final Pictures pictures;
    private final PhaseDrawing drawing;
    private final ClientSteps steps;
    private final Kit kit;
    private final Words words;
    private final StudioTime time;

    TakeHomes(
            Sittings sittings,
            Placements placements,
            Faces faces,
            Pictures pictures,
            PhaseDrawing drawing,
            ClientSteps steps,
            Kit kit,
            Words words,
            StudioTime time) {
        this.sittings = sittings;
        this.placements = placements;
        this.faces = faces;
        this.pictures = pictures;
        this.drawing = drawing;
        this.steps = steps;
        this.kit = kit;
        this.words = words;
        this.time = time;
    }

    /** @param pictured whether the zones are drawn on the client's picture; on lines where there is none */
    @Transactional(readOnly = true)
    TakeHome of(StudioId studio, long id, boolean pictured) {
        Sitting sitting = sittings.get(studio, id);
        List<PhaseDrawing.Small> small = placements.unreadable(studio, id)
                ? List.of()
                : placements
                        .inOrder(studio, id)
                        .map((TakenPlan p) -> drawing.of(p, pictured ? photograph(studio, id) : null))
                        .orElse(List.of());
        ClientSteps.Home home = steps.of(studio, id, QUICK_MINUTES);
        List<ClientSteps.Told> told = home.steps();
        List<TakeHome.Product> products = products(studio, told);
        String careful = Stream.of(
                        sitting.client().allergies(),
                        sitting.intake().reactions(),
                        sitting.before().reactions())
                .filter(t -> t != null && !t.isBlank())
                .distinct()
                .collect(Collectors.joining("; "));
        return new TakeHome(
                sitting.clientName(),
                words.date("date.day", sitting.startsAt()) + ", " + sitting.event() + ", " + sitting.artistName(),
                careful.isEmpty() ? null : careful,
                small.stream().map(this::face).toList(),
                legend(small),
                told.stream().map(TakeHomes::step).toList(),
                products,
                words.say("takeHome.quick", home.quickMinutes()),
                home.quick(),
                products.stream().filter(p -> carried(p.role())).toList(),
                List.of(
                        words.say("takeHome.caution.patch"),
                        words.say("takeHome.caution.stop"),
                        words.say("takeHome.caution.clean"),
                        words.say("takeHome.caution.eyes")),
                words.date("date.day", time.now(studio)));
    }

    private BufferedImage photograph(StudioId studio, long sitting) {
        return faces.picture(studio, sitting)
                .map(p -> pictures.raster(studio, p.id()).toImage())
                .orElse(null);
    }

    private boolean carried(String role) {
        return CARRIED.stream().anyMatch(r -> words.say("role." + r).equals(role));
    }

    private TakeHome.Face face(PhaseDrawing.Small small) {
        return new TakeHome.Face(
                words.say("takeHome.phase." + small.phase()),
                picture(small.type(), small.image()),
                small.rows().stream()
                        .map(r -> new TakeHome.Zone(r.number(), r.area(), r.product()))
                        .toList());
    }

    private List<TakeHome.Legend> legend(List<PhaseDrawing.Small> faces) {
        Set<Family> drawn = new LinkedHashSet<>();
        faces.forEach(f -> drawn.addAll(f.families()));
        return drawn.stream()
                .map(f -> new TakeHome.Legend(words.say("family." + f), picture("image/png", PhaseDrawing.pattern(f))))
                .toList();
    }

    private static String picture(String type, byte[] image) {
        return "data:" + type + ";base64," + Base64.getEncoder().encodeToString(image);
    }

    private static TakeHome.Step step(ClientSteps.Told t) {
        String with = t.with().stream().map(ClientSteps.With::name).distinct().collect(Collectors.joining(", "));
        return new TakeHome.Step(t.number(), t.step(), t.how(), with, t.amount());
    }

    /** Each product once, with its first amount, in the order of the work. */
    private List<TakeHome.Product> products(StudioId studio, List<ClientSteps.Told> told) {
        Map<String, ClientSteps.With> used = new LinkedHashMap<>();
        Map<String, String> amounts = new LinkedHashMap<>();
        for (ClientSteps.Told t : told) {
            for (ClientSteps.With w : t.with()) {
                used.putIfAbsent(w.name(), w);
                amounts.putIfAbsent(w.name(), t.amount());
            }
        }
        List<Long> ids = used.values().stream()
                .map(ClientSteps.With::id)
                .filter(i -> i != null)
                .toList();
        Map<Long, Product> known =
                kit.some(studio, ids).stream().collect(Collectors.toMap(Product::id, Function.identity()));
        List<TakeHome.Product> products = new ArrayList<>();
        used.forEach(
                (name, w) -> products.add(product(w, w.id() == null ? null : known.get(w.id()), amounts.get(name))));
        return products;
    }

    private TakeHome.Product product(ClientSteps.With w, Product p, String amount) {
        Role role = p == null ? w.role() : p.role();
        String instead = p == null
                ? words.say("takeHome.instead.mix")
                : words.say(
                        "takeHome.instead",
                        words.say("finish." + p.finish()).toLowerCase(words.locale()),
                        words.say("form." + p.form()).toLowerCase(words.locale()),
                        words.say("role." + p.role()).toLowerCase(words.locale()));
        return new TakeHome.Product(
                words.say(role == null ? "takeHome.mix" : "role." + role),
                w.name(),
                w.colour(),
                amount,
                instead,
                p == null ? null : p.allergens());
    }
}
