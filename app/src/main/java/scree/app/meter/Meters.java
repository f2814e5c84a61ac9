package scree.app.meter;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;
import scree.app.studio.StudioId;
import scree.core.colour.Lab;
import scree.core.colour.Pressed;
import scree.core.light.MeteredLight;
import scree.core.mix.Recipe;
import scree.core.skin.Zone;

/** Asks the meters and keeps what they said: presses on zones and swatches, the light beside the face. */
@Service
public class Meters {
    private final PressMapper mapper;
    private final MeterAddresses addresses;
    private final TransactionTemplate transaction;

    Meters(PressMapper mapper, MeterAddresses addresses, TransactionTemplate transaction) {
        this.transaction = transaction;
        this.mapper = mapper;
        this.addresses = addresses;
    }

    /** Returns whether a colour meter has an address. */
    public boolean colourSetUp() {
        return new MeterLine(addresses.colour()).setUp();
    }

    /** Returns whether a light meter has an address. */
    public boolean lightSetUp() {
        return new MeterLine(addresses.light()).setUp();
    }

    /** Presses once on a zone and keeps it. No transaction: the database is not held while a meter thinks. */
    public void press(StudioId studio, long sitting, Zone zone) {
        addresses.layOn(studio, sitting, zone);
        Lab c = read();
        transaction.executeWithoutResult(status -> {
            mapper.holdSitting(studio, sitting);
            mapper.addZonePress(studio, sitting, zone, c.lightness(), c.a(), c.b());
        });
    }

    /** Returns the presses of a zone's present reading, oldest first. */
    public Pressed pressed(StudioId studio, long sitting, Zone zone) {
        return pressed(mapper.zonePresses(studio, sitting).stream()
                .filter(p -> p.zone() == zone)
                .toList());
    }

    /** Returns all zones that were pressed in a sitting. */
    public Map<Zone, Pressed> pressed(StudioId studio, long sitting) {
        Map<Zone, Pressed> all = new EnumMap<>(Zone.class);
        mapper.zonePresses(studio, sitting).stream()
                .collect(Collectors.groupingBy(ZonePress::zone))
                .forEach((zone, presses) -> all.put(zone, pressed(presses)));
        return all;
    }

    /** Forgets a zone's presses, to begin anew. */
    @Transactional
    public void forget(StudioId studio, long sitting, Zone zone) {
        mapper.forgetZone(studio, sitting, zone);
    }

    /** Lays the meter on its tile. */
    public void tile() {
        String answer = new MeterLine(addresses.colour()).ask("TILE");
        if (!answer.startsWith("OK")) {
            throw new MeterTrouble(MeterTrouble.Why.BABBLE);
        }
    }

    /** Presses once on a swatch of a product, wet or settled. */
    public void pressSwatch(StudioId studio, long product, boolean wet, Lab truth) {
        addresses.layOn(truth);
        Lab c = read();
        transaction.executeWithoutResult(status -> {
            mapper.holdProduct(studio, product);
            mapper.addSwatchPress(studio, product, wet ? "WET" : "SETTLED", c.lightness(), c.a(), c.b());
        });
    }

    /** Presses three times on a stripe that has settled. */
    public Pressed pressThrice(long product, Lab recorded) {
        return thrice(() -> addresses.layOnStripe(product, recorded));
    }

    /** The same on a mix that was stirred by a recipe. */
    public Pressed pressThrice(Recipe mixed) {
        return thrice(() -> addresses.layOn(mixed));
    }

    private Pressed thrice(Runnable lay) {
        List<Lab> presses = new ArrayList<>();
        for (int i = 0; i < Pressed.NEEDED; i++) {
            lay.run();
            presses.add(read());
        }
        return new Pressed(presses);
    }

    /** Returns the presses on a swatch of a product. */
    public PressedSwatch swatch(StudioId studio, long product) {
        List<SwatchPress> presses = mapper.swatchPresses(studio, product);
        return new PressedSwatch(
                Pressed.of(presses.stream()
                        .filter(p -> p.state().equals("WET"))
                        .map(SwatchPress::colour)
                        .toList()),
                Pressed.of(presses.stream()
                        .filter(p -> p.state().equals("SETTLED"))
                        .map(SwatchPress::colour)
                        .toList()),
                presses.stream()
                        .filter(p -> p.state().equals("WET"))
                        .map(SwatchPress::pressedAt)
                        .max(Comparator.naturalOrder()));
    }

    /** Forgets a swatch's presses, to begin anew. */
    @Transactional
    public void forgetSwatch(StudioId studio, long product) {
        mapper.forgetSwatch(studio, product);
    }

    /** Reads the light beside the face and keeps it. */
    public MeteredLight light(StudioId studio, long sitting) {
        double[] v = new MeterLine(addresses.light()).ask("READ", "LIGHT", 3);
        MeteredLight light;
        try {
            light = new MeteredLight(v[0], v[1], v[2]);
        } catch (IllegalArgumentException e) {
            throw new MeterTrouble(MeterTrouble.Why.BABBLE);
        }
        mapper.putLight(studio, sitting, light.kelvin(), light.duv(), light.lux());
        return light;
    }

    /** Forgets what the light meter said. */
    @Transactional
    public void forgetLight(StudioId studio, long sitting) {
        mapper.forgetLight(studio, sitting);
    }

    /** Returns what the light meter said in a sitting, or empty. */
    public Optional<MeteredLight> metered(StudioId studio, long sitting) {
        return Optional.ofNullable(mapper.light(studio, sitting));
    }

    private Lab read() {
        double[] v = new MeterLine(addresses.colour()).ask("READ", "LAB", 3);
        try {
            return Lab.of(v[0], v[1], v[2]);
        } catch (IllegalArgumentException e) {
            throw new MeterTrouble(MeterTrouble.Why.BABBLE);
        }
    }

    private static Pressed pressed(List<ZonePress> presses) {
        return Pressed.of(presses.stream().map(ZonePress::colour).toList());
    }
}
