package scree.app.sheet;

import java.time.Clock;
import java.time.Duration;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import scree.app.bin.BinTable;
import scree.app.bin.Deletable;
import scree.app.card.Cards;
import scree.app.kit.Kit;
import scree.app.kit.KitChanges;
import scree.app.kit.KitRow;
import scree.app.kit.Measure;
import scree.app.kit.Product;
import scree.app.kit.Swatch;
import scree.app.picture.Pictures;
import scree.app.picture.Upload;
import scree.app.studio.Member;
import scree.app.studio.StudioId;
import scree.app.studio.StudioTime;
import scree.app.web.NotHere;
import scree.core.image.SheetLayout;
import scree.core.shade.Role;
import scree.core.shade.UsualCoat;
import scree.core.swatch.SheetReader;
import scree.core.swatch.SheetReading;
import scree.core.swatch.SheetRefused;
import scree.core.swatch.Swatched;

/** Keeps swatch sheets: reads their pictures, knows what lies on which field, and puts what was read into the kit. */
@Service
public class Sheets implements Deletable {
    private final SheetMapper mapper;
    private final Pictures pictures;
    private final Cards cards;
    private final Kit kit;
    private final KitChanges changes;
    private final StudioTime time;
    private final Clock clock;
    private final Duration settlesAfter;

    /** @param settlesAfter a second picture sooner than this is the first one again; most bases have settled later: house choice */
    Sheets(
            SheetMapper mapper,
            Pictures pictures,
            Cards cards,
            Kit kit,
            KitChanges changes,
            StudioTime time,
            Clock clock,
            @Value("${scree.sheets.settles-after:4m}") Duration settlesAfter) {
        this.settlesAfter = settlesAfter;
        this.mapper = mapper;
        this.pictures = pictures;
        this.cards = cards;
        this.kit = kit;
        this.changes = changes;
        this.time = time;
        this.clock = clock;
    }

    /**
     * A sheet with all that is known of it.
     *
     * @param products of the kit that lie on its fields, by id
     */
    record Laid(
            SwatchSheet sheet,
            Optional<SheetPicture> wet,
            Optional<SheetPicture> settled,
            Map<Integer, SheetField> fields,
            Map<Long, Product> products) {
        /** Returns the newest picture. */
        Optional<SheetPicture> newest() {
            return settled.or(() -> wet);
        }

        /** Returns the field whose thick coat lies on this one. */
        Optional<SheetField> thickOf(int number) {
            return Optional.ofNullable(fields.get(number - 1)).filter(f -> f.thick() && partner(f.number()) == number);
        }

        /** Returns what the readings say of a field's product, empty when they do not say enough. */
        Optional<Swatched> swatched(SheetField field) {
            return Swatched.of(at(wet, field), at(settled, field), form(field));
        }

        private Swatched.At at(Optional<SheetPicture> picture, SheetField field) {
            return picture.map(p -> new Swatched.At(
                            p.field(field.number()), field.thick() ? p.field(partner(field.number())) : null))
                    .orElse(null);
        }

        private scree.core.shade.Form form(SheetField field) {
            return field.productId() == null
                    ? Optional.ofNullable(field.form()).orElse(scree.core.shade.Form.LIQUID)
                    : products.get(field.productId()).form();
        }
    }

    static int partner(int number) {
        return SheetLayout.fields().get(number - 1).partner();
    }

    /** Returns all sheets, the newest first. */
    List<SwatchSheet> all(StudioId studio) {
        return mapper.all(studio);
    }

    /** @throws NotHere when the studio has no such sheet */
    SwatchSheet get(StudioId studio, long id) {
        return NotHere.unless(mapper.find(studio, id), "sheet");
    }

    /** Returns the sheet of a number. */
    Optional<SwatchSheet> withNumber(StudioId studio, int number) {
        return Optional.ofNullable(mapper.withNumber(studio, number));
    }

    /** @throws NotHere when the studio has no such sheet */
    @Transactional(readOnly = true)
    Laid laid(StudioId studio, long id) {
        SwatchSheet sheet = get(studio, id);
        Map<SheetPicture.Stage, SheetPicture> read = mapper.pictures(studio, id).stream()
                .map(p -> p.withFields(mapper.readings(studio, p.id())))
                .collect(Collectors.toMap(SheetPicture::stage, Function.identity()));
        Map<Integer, SheetField> fields = new TreeMap<>();
        Map<Long, Product> products = new TreeMap<>();
        for (SheetField f : mapper.fields(studio, id)) {
            Optional<Product> product = Optional.ofNullable(f.productId()).flatMap(p -> kit.find(studio, p));
            if (f.productId() == null || product.isPresent()) { // one that was deleted since lies here no longer
                fields.put(f.number(), f);
                product.ifPresent(p -> products.put(p.id(), p));
            }
        }
        return new Laid(
                sheet,
                Optional.ofNullable(read.get(SheetPicture.Stage.WET)),
                Optional.ofNullable(read.get(SheetPicture.Stage.SETTLED)),
                fields,
                products);
    }

    /** Makes a sheet with a number of its own; past the highest it begins again where one is free. */
    @Transactional
    public long add(Member me) {
        int next = mapper.highest(me.studio()) + 1;
        if (next > SheetLayout.HIGHEST_NUMBER) {
            next = 1;
            while (mapper.withNumber(me.studio(), next) != null) {
                next++;
            }
        }
        return mapper.add(me.studio(), next, me.artistId());
    }

    /** A picture shows a sheet of another number than the one it was sent for. */
    public static final class OtherSheet extends Exception {
        private static final long serialVersionUID = 1L;
        private final int number;

        OtherSheet(int number) {
            super("sheet " + number);
            this.number = number;
        }

        int number() {
            return number;
        }
    }

    /** A picture that was read and is not kept yet. */
    public record Read(Pictures.Ready ready, SheetReading reading) {}

    /**
     * Reads a picture of a sheet and holds nothing in the database meanwhile.
     *
     * @throws scree.core.image.PictureRefused when it is no usable picture
     * @throws SheetRefused when no sheet can be read on it
     * @throws OtherSheet when it shows another sheet
     */
    public Read read(StudioId studio, long id, Upload upload) throws SheetRefused, OtherSheet {
        SwatchSheet sheet = get(studio, id);
        Pictures.Ready ready = pictures.ready(upload);
        SheetReading reading = SheetReader.read(ready.raster(), cards.inUse(studio));
        OptionalInt number = reading.number();
        if (number.isPresent() && number.getAsInt() != sheet.number()) {
            throw new OtherSheet(number.getAsInt());
        }
        return new Read(ready, reading);
    }

    /** Keeps a picture: the first as just laid, one after the dry-down as settled; one sooner stands in for the first. */
    @Transactional
    public SheetPicture.Stage keep(StudioId studio, long id, Read read) {
        get(studio, id);
        SheetPicture.Stage stage = stage(studio, id);
        keep(studio, id, read, stage);
        return stage;
    }

    /** Keeps a picture of which it is known when it was taken. */
    @Transactional
    public void keep(StudioId studio, long id, Read read, SheetPicture.Stage stage) {
        get(studio, id);
        SheetReading reading = read.reading();
        mapper.dropPicture(studio, id, stage);
        SheetPicture picture = new SheetPicture(
                0,
                stage,
                OffsetDateTime.now(clock),
                reading.colourCard(),
                reading.kelvin().isPresent() ? reading.kelvin().getAsDouble() : null,
                reading.grounds().white(),
                reading.grounds().black());
        long stored = mapper.addPicture(
                studio, id, picture, read.ready().jpeg(), read.ready().thumb());
        mapper.addReadings(studio, stored, reading.kept());
    }

    private SheetPicture.Stage stage(StudioId studio, long id) {
        Optional<SheetPicture> wet = mapper.pictures(studio, id).stream()
                .filter(p -> p.stage() == SheetPicture.Stage.WET)
                .findFirst();
        boolean later =
                wet.isPresent() && wet.get().takenAt().plus(settlesAfter).isBefore(OffsetDateTime.now(clock));
        return later ? SheetPicture.Stage.SETTLED : SheetPicture.Stage.WET;
    }

    /** Says that the only picture was taken at the other time. */
    @Transactional
    public void restage(StudioId studio, long id) {
        List<SheetPicture> read = mapper.pictures(studio, id);
        if (read.size() == 1) {
            SheetPicture.Stage from = read.get(0).stage();
            SheetPicture.Stage to =
                    from == SheetPicture.Stage.WET ? SheetPicture.Stage.SETTLED : SheetPicture.Stage.WET;
            mapper.restage(studio, id, from, to);
        }
    }

    /** @throws NotHere when the sheet has no such picture */
    byte[] jpeg(StudioId studio, long id, long picture) {
        return NotHere.unless(mapper.jpeg(studio, id, picture), "picture").bytes();
    }

    /**
     * Says that a product of the kit lies on a field; a thin one on an odd field is supposed to lie thick on the next.
     *
     * @return the field on which it lies already; then nothing is changed
     * @throws NotHere when the studio has no such product
     */
    @Transactional
    public OptionalInt lay(StudioId studio, long id, int number, long product) {
        boolean thick = laidTwice(number, kit.get(studio, product).role());
        return lay(studio, id, new SheetField(number, product, null, null, null, null, null, thick, null));
    }

    /** Returns whether a role is laid twice from this field on, usual and thick. */
    static boolean laidTwice(int number, Role role) {
        return number % 2 == 1 && inPairs(role);
    }

    /**
     * Says what lies on a field.
     *
     * @return the field on which the same product lies already; then nothing is changed
     */
    @Transactional
    public OptionalInt lay(StudioId studio, long id, SheetField field) {
        get(studio, id);
        for (SheetField other : mapper.fields(studio, id)) {
            boolean same = other.number() != field.number()
                    && other.productId() != null
                    && other.productId().equals(field.productId());
            if (same) {
                return OptionalInt.of(other.number());
            }
        }
        if (field.productId() != null) {
            kit.get(studio, field.productId());
        }
        mapper.putField(studio, id, field);
        if (field.thick()) {
            mapper.clearField(studio, id, partner(field.number()));
        }
        return OptionalInt.empty();
    }

    /** Says that nothing is known of a field. */
    @Transactional
    public void clear(StudioId studio, long id, int number) {
        get(studio, id);
        mapper.clearField(studio, id, number);
    }

    /**
     * Puts what was read into the kit.
     *
     * @param numbers of the fields; those that cannot be taken are left
     * @param asWorn whether the coats were laid as thin as on a face, so that what they hide is what a coat there hides
     * @return line and name of the products that took it
     * @throws org.springframework.dao.DuplicateKeyException when a new one's line and name are taken; then nothing was done
     */
    @Transactional
    public List<String> take(Member me, long id, List<Integer> numbers, boolean asWorn) {
        Laid laid = laid(me.studio(), id);
        Map<Integer, Product> read = new TreeMap<>();
        for (int number : numbers) {
            SheetField field = laid.fields().get(number);
            if (field != null && field.named()) {
                laid.swatched(field).ifPresent(s -> {
                    Product p = read(me.studio(), laid, field, s);
                    read.put(number, asWorn ? p.with(p.traits().worn(UsualCoat.AS_ON_CHART)) : p);
                });
            }
        }
        if (read.isEmpty()) {
            return List.of();
        }
        List<Product> known = read.values().stream().filter(p -> p.id() != 0).toList();
        List<Product> before =
                known.stream().map(p -> laid.products().get(p.id())).toList();
        List<KitRow> fresh = read.values().stream()
                .filter(p -> p.id() == 0)
                .map(p -> new KitRow(p, null))
                .toList();
        changes.apply(
                me,
                KitChanges.Kind.MEASURED,
                changes.rows(me.studio(), before),
                changes.rows(me.studio(), known),
                fresh,
                done -> {});
        Map<String, Long> ids = kit.all(me.studio()).stream().collect(Collectors.toMap(Product::stoneId, Product::id));
        read.forEach((number, p) ->
                mapper.taken(me.studio(), laid.sheet().id(), number, p.id() == 0 ? ids.get(p.stoneId()) : p.id()));
        return read.values().stream().map(Product::fullName).toList();
    }

    /** Returns the product of a field as the sheet tells it. */
    private Product read(StudioId studio, Laid laid, SheetField field, Swatched swatched) {
        boolean colourCard = laid.newest().map(SheetPicture::colourCard).orElse(false);
        Measure measure = new Measure(
                colourCard ? Measure.By.SHEET : Measure.By.ROUGH_SHEET,
                time.today(studio),
                swatched.doubt(),
                swatched.slope());
        Product was = field.productId() == null
                ? Product.fresh(
                        field.line(),
                        field.name(),
                        field.role(),
                        field.form(),
                        field.finish(),
                        swatched.contrast(),
                        Swatch.of(swatched.settled()))
                : laid.products().get(field.productId());
        Product now = was.hiding(swatched.contrast());
        boolean takes = colourCard || was.id() == 0; // rough colours never stand in for those that the kit has
        return takes ? now.measured(swatched.wet(), swatched.settled(), measure) : now;
    }

    /** What was taken and is undone can be taken again; a product that was new has its name on the field once more. */
    @EventListener
    void undone(KitChanges.Undone change) {
        change.products().forEach(id -> mapper.untaken(change.studio(), id));
    }

    /** Returns whether a role is laid twice on a sheet, usual and thick. */
    static boolean inPairs(Role role) {
        return role != null && role.laidThin();
    }

    @Override
    public String kind() {
        return "sheet";
    }

    @Override
    public BinTable table() {
        return mapper;
    }
}
