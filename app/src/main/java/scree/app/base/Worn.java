package scree.app.base;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import java.util.List;
import scree.app.kit.Product;
import scree.core.colour.Lab;
import scree.core.shade.Coverage;
import scree.core.shade.Finish;
import scree.core.shade.Form;
import scree.core.shade.NeckBridge;
import scree.core.shade.UsualCoat;

/** A base on a face as it was when it was taken: later changes of the kit never reach it. Stored by {@link WornCodec}. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
@JsonSubTypes({
    @JsonSubTypes.Type(value = Worn.Single.class, name = "SINGLE"),
    @JsonSubTypes.Type(value = Worn.Mix.class, name = "MIX"),
    @JsonSubTypes.Type(value = Worn.TwoTones.class, name = "TWO_TONES")
})
public sealed interface Worn {
    /** Returns the shade that lies on most of the face: the single one, the mix as one, the outer tone. */
    Shade shade();

    /** Returns the bridge to the neck that was kept beside it, or null. */
    Neck neck();

    /** Returns the same with another bridge to the neck; null for none. */
    Worn with(Neck neck);

    /** Returns the name where there is little room. */
    default String shortName() {
        return shade().fullName();
    }

    /**
     * A shade as it was.
     *
     * @param product its id, or null when it was mixed
     * @param contrastRatio 0 to 1
     * @param onSkin settled colour on this skin
     * @param wornShare as measured, null while it is estimated
     */
    record Shade(
            Long product,
            String line,
            String name,
            Form form,
            Finish finish,
            double contrastRatio,
            Lab wet,
            Lab onSkin,
            Double wornShare) {
        /** Returns a shade of the kit as it lies on a skin. */
        public static Shade of(Product p, Lab onSkin) {
            return new Shade(
                    p.id(),
                    p.line(),
                    p.name(),
                    p.form(),
                    p.finish(),
                    p.contrastRatio(),
                    p.wet(),
                    onSkin,
                    p.traits().wornShare());
        }

        public String fullName() {
            return line + " " + name;
        }

        /** Returns the key that its stone keeps in every view. */
        public String stoneId() {
            return line + "|" + name;
        }

        public Coverage coverage() {
            return Coverage.of(contrastRatio);
        }

        /** Returns a usual coat of it on this skin. */
        public UsualCoat coat() {
            return UsualCoat.of(form, onSkin, contrastRatio, wornShare == null ? UsualCoat.ESTIMATED : wornShare);
        }

        public boolean powder() {
            return form == Form.POWDER;
        }
    }

    /** One shade as it comes. */
    record Single(Shade shade, Neck neck) implements Worn {
        @Override
        public Worn with(Neck other) {
            return new Single(shade, other);
        }
    }

    /** Counted parts mixed to one colour; the shade's name counts them up. */
    record Mix(Shade shade, List<Part> parts, Neck neck) implements Worn {
        /** The line under which a mix is kept. */
        private static final String LINE = "Mix";

        public Mix {
            parts = List.copyOf(parts);
        }

        /**
         * A mix behaves as its main part: form, finish, coverage.
         *
         * @param name the parts counted up
         */
        public static Mix of(Product main, String name, Lab colour, List<Part> parts) {
            Shade shade = new Shade(
                    null,
                    LINE,
                    name,
                    main.form(),
                    main.finish(),
                    main.contrastRatio(),
                    colour,
                    colour,
                    main.traits().wornShare());
            return new Mix(shade, parts, null);
        }

        /** A mix is told in full elsewhere. */
        @Override
        public String shortName() {
            return "Mixed";
        }

        @Override
        public Worn with(Neck other) {
            return new Mix(shade, parts, other);
        }
    }

    /**
     * A part of a mix as it was.
     *
     * @param strength how much it counts for beside another, 1 for usual
     */
    record Part(String line, String name, int count, Lab settled, double strength) {}

    /** A lighter tone inside the ring of eyes, nose and mouth, the shade outside. */
    record TwoTones(Shade shade, Inner inner, Neck neck) implements Worn {
        @Override
        public Worn with(Neck other) {
            return new TwoTones(shade, inner, other);
        }
    }

    /**
     * The inner of two tones.
     *
     * @param difference ΔE00 to the skin inside
     * @param apart ΔE00 between the tones
     */
    record Inner(String line, String name, Lab onSkin, double difference, double apart) {
        public String fullName() {
            return line + " " + name;
        }
    }

    /**
     * How face and neck are brought together.
     *
     * @param left ΔE00 that stays at the jaw
     */
    record Neck(NeckBridge.Way way, List<Used> used, double left) {
        public Neck {
            used = List.copyOf(used);
        }
    }

    /** A product of a bridge with its coats. */
    record Used(String product, double coats) {}
}
