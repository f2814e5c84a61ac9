package scree.core.skin;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import scree.core.colour.Lab;
import scree.core.skin.SkinFinding.Code;

/** Finds what is uneven on a face: zone against zone, strongest first. Words in colour only, never a diagnosis. */
public final class SkinFindings {
    /**
     * Differences from which words begin, in L*, a*, b*. House choices: over the error of a reading with the card (zones 0.6 to
     * 1.1 ΔE00 on average) and of the zone's own light, under what an artist sees at arm's length (about 3).
     */
    static final double DEEPER = 2.5;

    static final double REDDER = 2.4;
    static final double YELLOWER = 2.6;
    /** A zone must part by this much over all, too. */
    static final double SEEN = 2.2;
    /** Lids and mouth lie turned down and in lashes' shade, so they must part by more. */
    static final double SHADED_DEEPER = 4;
    /** Lost chroma that makes a lid dull. */
    static final double DULLER = 2;
    /**
     * Under-eye: bluer than this, in b* and lost a* beyond what skin of that depth would be, is purple, else brown. Melanin takes b* with
     * it on deep skin and adds some on fair, so b* alone called every brown under-eye on deep skin purple; veins under deep skin tell by lost
     * red as much as by lost yellow. Below L* 40 melanin hides them (1.3 at L* 37): what is dark there is called brown.
     */
    static final double BLUER = -2;

    private SkinFindings() {}

    /** Returns what stands out, largest difference first. */
    public static List<SkinFinding> of(SkinReading reading) {
        List<SkinFinding> found = new ArrayList<>();
        Optional<Lab> cheek = reading.tellingColourOf(Zone.OUTER_CHEEK).or(() -> reading.tellingColourOf(Zone.CHEEK));
        Zone cheekZone = reading.tellingColourOf(Zone.OUTER_CHEEK).isPresent() ? Zone.OUTER_CHEEK : Zone.CHEEK;
        cheek.ifPresent(c -> againstCheek(reading, c, cheekZone, found));
        reading.tellingColourOf(Zone.NECK).ifPresent(neck -> againstNeck(reading, neck, found));
        found.sort(Comparator.comparingDouble(SkinFinding::difference).reversed());
        return List.copyOf(found);
    }

    private static void againstCheek(SkinReading reading, Lab cheek, Zone cheekZone, List<SkinFinding> found) {
        reading.tellingColourOf(Zone.FOREHEAD)
                .filter(z -> cheek.lightness() - z.lightness() >= DEEPER && seen(z, cheek))
                .ifPresent(z -> found.add(SkinFinding.of(Code.FOREHEAD_DEEPER, Zone.FOREHEAD, z, cheekZone, cheek)));
        reading.tellingColourOf(Zone.AROUND_MOUTH)
                .filter(z -> cheek.lightness() - z.lightness() >= SHADED_DEEPER)
                .ifPresent(z -> found.add(SkinFinding.of(Code.MOUTH_DARK, Zone.AROUND_MOUTH, z, cheekZone, cheek)));
        reading.tellingColourOf(Zone.UPPER_LIP)
                .filter(z -> cheek.lightness() - z.lightness() >= SHADED_DEEPER)
                .ifPresent(z -> found.add(SkinFinding.of(Code.UPPER_LIP_DARK, Zone.UPPER_LIP, z, cheekZone, cheek)));
        reading.tellingColourOf(Zone.UNDER_EYE)
                .filter(z -> seen(z, cheek))
                .filter(z -> cheek.lightness() - z.lightness() >= DEEPER || bluer(z, cheek))
                .ifPresent(z -> found.add(SkinFinding.of(
                        bluer(z, cheek) ? Code.UNDER_EYE_PURPLE : Code.UNDER_EYE_BROWN,
                        Zone.UNDER_EYE,
                        z,
                        cheekZone,
                        cheek)));
        reading.tellingColourOf(Zone.LID)
                .filter(z ->
                        cheek.lightness() - z.lightness() >= SHADED_DEEPER && cheek.chroma() - z.chroma() >= DULLER)
                .ifPresent(z -> found.add(SkinFinding.of(Code.LIDS_DULL, Zone.LID, z, cheekZone, cheek)));
        Lab calm = reading.tellingColourOf(Zone.FOREHEAD).orElse(cheek);
        Zone calmZone = reading.tellingColourOf(Zone.FOREHEAD).isPresent() ? Zone.FOREHEAD : cheekZone;
        red(reading, Zone.NOSE, Code.NOSE_RED, calm, calmZone, found);
        red(reading, Zone.AROUND_NOSE, Code.AROUND_NOSE_RED, calm, calmZone, found);
        red(reading, Zone.CHEEK, Code.CHEEKS_RED, calm, calmZone, found);
    }

    private static boolean bluer(Lab z, Lab cheek) {
        Lab usual = ReferenceCurve.at(z.lightness());
        Lab usualCheek = ReferenceCurve.at(cheek.lightness());
        double yellow = z.b() - cheek.b() - (usual.b() - usualCheek.b());
        double red = z.a() - cheek.a() - (usual.a() - usualCheek.a());
        return yellow + Math.min(0, red) <= BLUER;
    }

    private static void red(
            SkinReading reading, Zone zone, Code code, Lab calm, Zone calmZone, List<SkinFinding> found) {
        reading.tellingColourOf(zone)
                .filter(z -> z.a() - calm.a() >= REDDER && seen(z, calm))
                .ifPresent(z -> found.add(SkinFinding.of(code, zone, z, calmZone, calm)));
    }

    private static void againstNeck(SkinReading reading, Lab neck, List<SkinFinding> found) {
        List<Lab> face = new ArrayList<>();
        reading.tellingColourOf(Zone.CHEEK).ifPresent(face::add);
        reading.tellingColourOf(Zone.OUTER_CHEEK).ifPresent(face::add);
        if (!face.isEmpty()) {
            Lab mean = Mean.of(face);
            if (seen(mean, neck)) {
                double l = mean.lightness() - neck.lightness();
                double a = mean.a() - neck.a();
                double b = mean.b() - neck.b();
                add(found, l >= DEEPER, Code.FACE_LIGHTER_THAN_NECK, mean, neck);
                add(found, l <= -DEEPER, Code.FACE_DEEPER_THAN_NECK, mean, neck);
                add(found, a >= REDDER, Code.FACE_REDDER_THAN_NECK, mean, neck);
                boolean sallow = b >= YELLOWER && a <= 0.5;
                add(found, b >= YELLOWER && !sallow, Code.FACE_YELLOWER_THAN_NECK, mean, neck);
                add(found, sallow, Code.SALLOW, mean, neck);
            }
        }
        reading.tellingColourOf(Zone.CHEST)
                .filter(z -> seen(z, neck))
                .filter(z -> neck.lightness() - z.lightness() >= DEEPER || z.a() - neck.a() >= REDDER)
                .ifPresent(z -> found.add(SkinFinding.of(Code.CHEST_MARKED_BY_SUN, Zone.CHEST, z, Zone.NECK, neck)));
    }

    private static void add(List<SkinFinding> found, boolean holds, Code code, Lab face, Lab neck) {
        if (holds) {
            found.add(SkinFinding.of(code, Zone.CHEEK, face, Zone.NECK, neck));
        }
    }

    private static boolean seen(Lab a, Lab b) {
        return a.differenceFrom(b) >= SEEN;
    }
}
