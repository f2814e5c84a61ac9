package scree.core.care;

import java.util.Arrays;
import java.util.List;

/**
 * Substances that go by several names on labels and in people's mouths. A house table after the groups that contact allergy and
 * cosmetic labelling commonly name (European baseline patch-test series, the fragrance allergens of EU regulation 1223/2009,
 * INCI names); it is short, it does not replace reading the label, and it errs towards one caution too many. An entry is a word
 * or a phrase; one that begins with a star is the ending of a word.
 */
public enum AllergenFamily {
    LANOLIN("lanolin", "wool", "adeps lanae", "lanolate", "lanosterol", "*lanolin"),
    FRAGRANCE(
            "fragrance",
            "perfume",
            "parfum",
            "scent",
            "aroma",
            "essential oil",
            "linalool",
            "limonene",
            "geraniol",
            "citronellol",
            "citral",
            "eugenol",
            "isoeugenol",
            "coumarin",
            "cinnamal",
            "cinnamyl",
            "benzyl salicylate",
            "benzyl benzoate",
            "benzyl alcohol",
            "farnesol",
            "hydroxycitronellal",
            "lyral",
            "lilial",
            "oakmoss",
            "evernia",
            "balsam",
            "myroxylon"),
    LAVENDER("lavender", "lavandula", "linalool"),
    CITRUS("citrus", "lemon", "orange", "lime", "bergamot", "grapefruit", "limonene", "citral"),
    NUTS(
            "nut",
            "tree nut",
            "almond",
            "prunus amygdalus",
            "walnut",
            "juglans",
            "hazelnut",
            "corylus",
            "macadamia",
            "cashew",
            "pistachio",
            "brazil nut",
            "pecan",
            "argan",
            "shea"),
    PEANUT("peanut", "arachis", "groundnut", "nut"),
    COCONUT("coconut", "cocos nucifera", "cocamidopropyl", "coco glucoside", "cocamide", "cocoyl", "caprylic"),
    SOY("soy", "soya", "soybean", "glycine soja", "glycine max", "lecithin"),
    WHEAT("wheat", "gluten", "triticum", "barley", "hordeum", "oat", "avena"),
    MILK("milk", "lactose", "casein", "whey", "lac", "lactoferrin"),
    EGG("egg", "albumen", "ovum", "lysozyme"),
    FISH("fish", "shellfish", "marine collagen", "chitin", "chitosan", "guanine", "pearl"),
    SESAME("sesame", "sesamum"),
    BEE("bee", "beeswax", "bees wax", "cera alba", "cera flava", "propolis", "honey", "mel", "royal jelly"),
    DAISY(
            "daisy",
            "chamomile",
            "camomile",
            "chamomilla",
            "anthemis",
            "arnica",
            "calendula",
            "marigold",
            "ragweed",
            "echinacea",
            "sunflower",
            "helianthus",
            "feverfew",
            "compositae",
            "asteraceae",
            "bisabolol"),
    TEA_TREE("tea tree", "melaleuca"),
    CARMINE("carmine", "cochineal", "ci 75470", "75470", "e120", "e 120", "natural red 4"),
    LATEX("latex", "rubber", "thiuram", "carba", "mercaptobenzothiazole", "natural rubber"),
    LASH_GLUE(
            "glue",
            "adhesive",
            "cyanoacrylate",
            "acrylate",
            "*acrylate",
            "*methacrylate",
            "hema",
            "latex",
            "colophonium"),
    ROSIN("rosin", "colophony", "colophonium", "pine", "abietic", "tall oil", "plaster", "glyceryl rosinate"),
    NICKEL("nickel", "cobalt", "chrome", "chromium", "chromate", "*chromate", "jewellery", "metal"),
    PARABENS("paraben", "*paraben"),
    FORMALDEHYDE(
            "formaldehyde",
            "formalin",
            "quaternium 15",
            "dmdm hydantoin",
            "imidazolidinyl urea",
            "diazolidinyl urea",
            "bronopol",
            "bromo nitropropane diol",
            "hydroxymethylglycinate",
            "methenamine",
            "tosylamide"),
    ISOTHIAZOLINONE("*thiazolinone", "kathon", "mci", "mit"),
    PRESERVATIVE_OTHER(
            "phenoxyethanol", "preservative", "benzoate", "sorbate", "chlorhexidine", "methyldibromo glutaronitrile"),
    GLYCOLS("propylene glycol", "butylene glycol", "pentylene glycol", "glycol"),
    ALCOHOL("alcohol", "alcohol denat", "ethanol", "ethyl alcohol"),
    FATTY_ALCOHOL("cetyl alcohol", "stearyl alcohol", "cetearyl alcohol", "fatty alcohol"),
    HAIR_DYE(
            "hair dye",
            "henna",
            "ppd",
            "phenylenediamine",
            "*phenylenediamine",
            "toluene 2 5 diamine",
            "azo dye",
            "disperse"),
    SALICYLATE("aspirin", "salicylate", "salicylic", "willow", "salix", "*salicylate"),
    SULFITE("sulfite", "sulphite", "*sulfite", "*sulphite"),
    SULFATE("sls", "sles", "lauryl sulfate", "laureth sulfate", "lauryl sulphate", "sulfate", "sulphate"),
    SUNSCREEN(
            "sunscreen",
            "sun cream",
            "spf",
            "uv filter",
            "oxybenzone",
            "benzophenone",
            "octocrylene",
            "avobenzone",
            "*cinnamate",
            "octinoxate",
            "homosalate",
            "octisalate",
            "butyl methoxydibenzoylmethane"),
    MINERAL_WHITE("titanium dioxide", "ci 77891", "77891", "zinc oxide", "ci 77947", "77947"),
    IRON_OXIDE("iron oxide", "ci 77491", "ci 77492", "ci 77499", "77491", "77492", "77499"),
    MICA("mica", "ci 77019", "77019", "glitter", "bismuth", "ci 77163"),
    TALC("talc", "talcum"),
    SILICONE("silicone", "*siloxane", "*methicone", "dimethiconol"),
    MINERAL_OIL("mineral oil", "paraffin", "petrolatum", "petroleum jelly", "paraffinum"),
    VITAMIN_E("vitamin e", "tocopherol", "tocopheryl", "*tocopherol", "*tocopheryl"),
    VITAMIN_A("retinol", "retinoid", "retinal", "retinyl", "vitamin a", "tretinoin"),
    FRUIT_ACID("aha", "glycolic", "lactic acid", "mandelic", "fruit acid", "peel"),
    ALOE("aloe", "barbadensis"),
    CASTOR("castor", "ricinus"),
    YEAST("yeast", "saccharomyces"),
    NEOMYCIN("neomycin", "bacitracin", "antibiotic");

    private final List<String> names;
    private final List<Words> phrases;
    private final List<String> endings;

    AllergenFamily(String... names) {
        this.names = Arrays.stream(names).toList();
        this.phrases = this.names.stream()
                .filter(n -> !n.startsWith("*"))
                .map(Words::of)
                .toList();
        this.endings = this.names.stream()
                .filter(n -> n.startsWith("*"))
                .map(n -> n.substring(1))
                .toList();
    }

    /** Returns the name that stands for the family on a label written by hand. */
    public String label() {
        return names.get(0);
    }

    /** Returns words, phrases and, with a star before them, endings. */
    List<String> names() {
        return names;
    }

    /** Returns whether a text names the family or a substance of it. */
    boolean namedIn(Words text) {
        return phrases.stream().anyMatch(text::hold) || endings.stream().anyMatch(text::holdEnding);
    }
}
