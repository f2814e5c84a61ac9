package scree.standins.makeup;

import scree.core.colour.Spectrum;

/**
 * What make-up is coloured with, as absorption K and scattering S by wavelength. Shapes after the pigments' usual curves, figures made
 * up: iron oxides scatter strongly and have broad edges, lakes hardly scatter and have bands.
 */
public enum Pigment {
    WHITE {
        @Override
        double absorption(double nm) {
            return .0015 + .8 * Math.exp(-(nm - 380) / 9);
        }

        @Override
        double scattering(double nm) {
            return Math.pow(nm / 550, -.55);
        }
    },
    YELLOW_OXIDE {
        @Override
        double absorption(double nm) {
            return .04 + 1.1 * fall(nm, 517, 15) + .05 * bell(nm, 655, 40);
        }

        @Override
        double scattering(double nm) {
            return .28 * (.6 + .4 * fall(-nm, -520, 20)) * Math.pow(nm / 550, -.2);
        }
    },
    RED_OXIDE {
        @Override
        double absorption(double nm) {
            return .07 + 1.3 * fall(nm, 583, 14) + .06 * bell(nm, 700, 40);
        }

        @Override
        double scattering(double nm) {
            return .24 * (.5 + .5 * fall(-nm, -590, 18));
        }
    },
    BLACK_OXIDE {
        @Override
        double absorption(double nm) {
            return 1.2 + .15 * bell(nm, 430, 60);
        }

        @Override
        double scattering(double nm) {
            return .09;
        }
    },
    RED_LAKE {
        @Override
        double absorption(double nm) {
            return .01 + .9 * bell(nm, 528, 46) + .62 * bell(nm, 430, 55);
        }

        @Override
        double scattering(double nm) {
            return .03 * Math.pow(nm / 550, -1);
        }
    },
    ORANGE_LAKE {
        @Override
        double absorption(double nm) {
            return .01 + .9 * bell(nm, 485, 50) + .42 * bell(nm, 400, 50);
        }

        @Override
        double scattering(double nm) {
            return .03 * Math.pow(nm / 550, -1);
        }
    },
    BLUE_LAKE {
        @Override
        double absorption(double nm) {
            return .012 + .9 * bell(nm, 625, 42) + .1 * bell(nm, 410, 25);
        }

        @Override
        double scattering(double nm) {
            return .03 * Math.pow(nm / 550, -1);
        }
    };

    abstract double absorption(double nm);

    abstract double scattering(double nm);

    private static double fall(double nm, double at, double soft) {
        return 1 / (1 + Math.exp((nm - at) / soft));
    }

    private static double bell(double nm, double at, double wide) {
        double d = (nm - at) / wide;
        return Math.exp(-d * d);
    }

    static double[] bands(java.util.function.DoubleUnaryOperator of) {
        double[] out = new double[Spectrum.BANDS];
        for (int i = 0; i < out.length; i++) {
            out[i] = of.applyAsDouble(Spectrum.wavelength(i));
        }
        return out;
    }
}
