package scree.standins.camera;

import static scree.standins.camera.Sitter.manFace;
import static scree.standins.camera.Sitter.womanFace;

import java.util.List;
import scree.core.colour.Lab;
import scree.standins.camera.Sitter.Face;
import scree.standins.camera.Sitter.Hair;
import scree.standins.camera.Sitter.Marks;
import scree.standins.camera.Sitter.Shape;
import scree.standins.camera.Sitter.Style;

/** Twelve made-up musicians of the lakeside concert: all depths and undertones, ages 19 to 74. */
public final class Ensemble {
    private Ensemble() {}

    /** Returns the twelve in the order of their sittings. */
    public static List<Sitter> all() {
        return List.of(
                liv(), odd(), ama(), petra(), rasmus(), samira(), kofi(), ingrun(), mei(), luca(), noor(), sefu());
    }

    private static Sitter liv() {
        Face f = new Face(
                Shape.OVAL,
                .4,
                .71,
                .255,
                .24,
                0,
                .110,
                .064,
                .03,
                0,
                -.385,
                .08,
                .048,
                .375,
                .105,
                .14,
                .032,
                .06,
                .1,
                0,
                1);
        return sitter(
                "Liv Torsander",
                19,
                false,
                74,
                7,
                12,
                f,
                hair(Style.LONG, 52, 8, 26, 0, 3.0, .10, .06, 2.6, 0, 0, 0),
                new Marks(.15, 3, 0, .1, .8),
                58,
                -2,
                -2,
                0x607684,
                11);
    }

    private static Sitter odd() {
        Face f = new Face(
                Shape.OBLONG,
                -.8,
                .78,
                .31,
                .28,
                .01,
                .085,
                .055,
                .02,
                .014,
                -.345,
                .04,
                .060,
                .40,
                .06,
                .095,
                .018,
                1.15,
                1,
                1,
                1.2);
        return sitter(
                "Odd Myrvang",
                74,
                true,
                66,
                11,
                16,
                f,
                hair(Style.SIDE_PARTED, 60, 1, 4, .85, .45, 0, 0, 0, 0, 0, 1.1),
                new Marks(.1, 0, .1, .9, 1),
                46,
                -1,
                -3,
                0x606E74,
                12);
    }

    private static Sitter ama() {
        Face f = new Face(
                Shape.OVAL,
                .3,
                .72,
                .32,
                .20,
                0,
                .118,
                .064,
                .035,
                0,
                -.385,
                .08,
                .050,
                .40,
                .125,
                .165,
                .026,
                .06,
                .1,
                0,
                1);
        return sitter(
                "Ama Tindelow",
                27,
                false,
                36,
                13,
                17,
                f,
                hair(Style.COILY, 16, 3, 4, 0, .35, 0, 0, 0, .18, 0, 0),
                new Marks(0, 0, 0, .1, .6),
                60,
                4,
                12,
                0x382214,
                13);
    }

    private static Sitter petra() {
        Face f = new Face(
                Shape.ROUND,
                -.4,
                .70,
                .262,
                .24,
                0,
                .106,
                .064,
                .03,
                0,
                -.385,
                .09,
                .046,
                .375,
                .085,
                .12,
                .026,
                .10,
                .25,
                0,
                1);
        return sitter(
                "Petra Kvist",
                44,
                false,
                70,
                10,
                15,
                f,
                hair(Style.BOB, 44, 18, 30, 0, 1.42, -.22, .012, 1.5, 0, 0, 0),
                new Marks(1, 0, 0, .5, .9),
                50,
                -8,
                1,
                0x5C6C54,
                14);
    }

    private static Sitter rasmus() {
        Face f = new Face(
                Shape.SQUARE,
                .5,
                .73,
                .285,
                .28,
                .06,
                .096,
                .058,
                .03,
                0,
                -.345,
                .05,
                .064,
                .40,
                .075,
                .115,
                .022,
                .08,
                .15,
                0,
                1.06);
        return sitter(
                "Rasmus Alder",
                33,
                true,
                65,
                10,
                17,
                f,
                hair(Style.CROPPED, 26, 6, 12, 0, .26, 0, 0, 0, 0, 0, .3),
                new Marks(0, 1, .5, .2, .8),
                42,
                1,
                -7,
                0x525C4C,
                15);
    }

    private static Sitter samira() {
        Face f = new Face(
                Shape.DIAMOND,
                -.5,
                .75,
                .262,
                .275,
                0,
                .118,
                .064,
                .035,
                0,
                -.385,
                .08,
                .056,
                .375,
                .105,
                .14,
                .024,
                .08,
                .6,
                0,
                1);
        return sitter(
                "Samira Delvand",
                38,
                false,
                58,
                7,
                21,
                f,
                hair(Style.TIED, 15, 3, 4, 0, .3, 0, 0, 0, 0, 0, 0),
                new Marks(0, 0, 0, .2, .5),
                40,
                11,
                3,
                0x422C1A,
                16);
    }

    private static Sitter kofi() {
        Face f = new Face(
                Shape.WIDE_JAW,
                .5,
                .72,
                .34,
                .21,
                0,
                .096,
                .058,
                .02,
                0,
                -.345,
                .05,
                .060,
                .40,
                .105,
                .15,
                .022,
                .3,
                .6,
                .3,
                1.06);
        return sitter(
                "Kofi Brandmoor",
                52,
                true,
                38,
                12,
                17,
                f,
                hair(Style.SHORT_COILY, 14, 2, 3, .25, 0, 0, 0, 0, 0, 0, .5),
                new Marks(0, 0, .25, .1, .5),
                56,
                -1,
                6,
                0x342216,
                17);
    }

    private static Sitter ingrun() {
        Face f = new Face(
                Shape.HEART,
                .6,
                .72,
                .262,
                .25,
                0,
                .094,
                .060,
                .02,
                .006,
                -.385,
                .07,
                .044,
                .375,
                .075,
                .11,
                .026,
                .75,
                .5,
                .5,
                1.05);
        return sitter(
                "Ingrun Sandvei-Ek",
                67,
                false,
                69,
                10,
                15,
                f,
                hair(Style.BOB, 58, 1, 5, .75, 1.15, .12, .03, 1.8, 0, 0, 0),
                new Marks(.2, 0, 0, .8, 1),
                48,
                3,
                -8,
                0x647682,
                18);
    }

    private static Sitter mei() {
        Face f = new Face(
                Shape.ROUND,
                .2,
                .70,
                .262,
                .18,
                0,
                .092,
                .050,
                .055,
                0,
                -.385,
                .045,
                .048,
                .365,
                .10,
                .135,
                .026,
                .06,
                .1,
                0,
                1);
        return sitter(
                "Mei Tarnholt",
                24,
                false,
                66,
                8,
                18,
                f,
                hair(Style.FRINGE_BOB, 13, 1, 2, 0, 1.55, 0, 0, 0, 0, 0, 0),
                new Marks(0, 1, 0, .1, .6),
                62,
                1,
                2,
                0x362216,
                19);
    }

    private static Sitter luca() {
        Face f = new Face(
                Shape.OVAL,
                -.5,
                .75,
                .275,
                .265,
                0,
                .100,
                .060,
                .03,
                0,
                -.345,
                .05,
                .070,
                .39,
                .09,
                .13,
                .024,
                .06,
                .2,
                0,
                1.06);
        return sitter(
                "Luca Fenmarsh",
                29,
                true,
                56,
                8,
                21,
                f,
                hair(Style.CURLS, 24, 5, 10, 0, .2, 0, 0, 0, -.04, .5, 0),
                new Marks(0, 0, .7, .3, .6),
                44,
                -6,
                -4,
                0x4A341E,
                20);
    }

    private static Sitter noor() {
        Face f = new Face(
                Shape.SQUARE,
                -.4,
                .73,
                .295,
                .24,
                0,
                .10,
                .060,
                .03,
                0,
                -.385,
                .07,
                .052,
                .38,
                .10,
                .135,
                .024,
                .45,
                .8,
                .25,
                1);
        return sitter(
                "Noor Vasskog",
                57,
                false,
                48,
                12,
                20,
                f,
                hair(Style.BOB, 22, 3, 6, .22, 1.75, .06, .06, 2.2, 0, 0, 0),
                new Marks(0, 0, 0, .6, .7),
                52,
                -3,
                -9,
                0x3C281A,
                21);
    }

    private static Sitter sefu() {
        Face f = new Face(
                Shape.HEART,
                .4,
                .71,
                .325,
                .20,
                0,
                .100,
                .060,
                .03,
                0,
                -.345,
                .05,
                .060,
                .40,
                .11,
                .15,
                .026,
                .06,
                .1,
                0,
                1.04);
        return sitter(
                "Sefu Lindqvarn",
                21,
                true,
                42,
                12,
                18,
                f,
                hair(Style.COILY, 15, 3, 4, 0, .04, 0, 0, 0, -.05, .8, 0),
                new Marks(.15, 4, .05, .1, .6),
                64,
                -1,
                7,
                0x362418,
                22);
    }

    private static Hair hair(
            Style style,
            double l,
            double a,
            double b,
            double grey,
            double length,
            double part,
            double waveHeight,
            double waves,
            double volume,
            double taper,
            double recession) {
        return new Hair(style, Lab.of(l, a, b), grey, length, part, waveHeight, waves, volume, taper, recession);
    }

    private static Sitter sitter(
            String name,
            int age,
            boolean man,
            double l,
            double a,
            double b,
            Face face,
            Hair hair,
            Marks marks,
            double wl,
            double wa,
            double wb,
            int iris,
            long seed) {
        return new Sitter(name, age, man, Lab.of(l, a, b), face, hair, marks, Lab.of(wl, wa, wb), iris, seed);
    }

    /** Returns a person like the given one whose skin is tanned or paled: for past sittings. */
    public static Sitter withSkin(Sitter s, Lab skin) {
        return new Sitter(
                s.name(), s.age(), s.man(), skin, s.face(), s.hair(), s.marks(), s.wrap(), s.iris(), s.seed());
    }

    /** Returns a plain average face for tests, woman or man by the seed. */
    static Face anyFace(long seed) {
        Shape shape = Shape.values()[(int) Math.floorMod(seed, Shape.values().length)];
        return seed % 2 == 0 ? womanFace(shape, .3) : manFace(shape, -.3);
    }
}
