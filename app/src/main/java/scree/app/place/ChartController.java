package scree.app.place;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import scree.app.correct.CorrectLines;
import scree.app.sitting.CareWords;
import scree.app.sitting.Sitting;
import scree.app.sitting.Sittings;
import scree.app.studio.CurrentMember;
import scree.app.studio.Member;
import scree.app.studio.OpenTo;
import scree.app.studio.Role;
import scree.app.web.NotHere;
import scree.core.placement.Caution;
import scree.core.reason.Reason;

/** The face chart: one page to print, and as a file. */
@Controller
@RequestMapping("/sittings/{id}/place")
@OpenTo({Role.OWNER, Role.ARTIST, Role.ASSISTANT, Role.TRAINEE})
class ChartController {
    private final Sittings sittings;
    private final Placements placements;
    private final CorrectLines corrected;
    private final PlaceWords words;
    private final CareWords careWords;

    ChartController(
            Sittings sittings, Placements placements, CorrectLines corrected, PlaceWords words, CareWords careWords) {
        this.corrected = corrected;
        this.sittings = sittings;
        this.placements = placements;
        this.words = words;
        this.careWords = careWords;
    }

    /** What a file is called and how it is sent. */
    private enum Kind {
        SVG("image/svg+xml"),
        PNG("image/png"),
        PDF("application/pdf");

        private final String type;

        Kind(String type) {
            this.type = type;
        }
    }

    @GetMapping("/chart")
    String page(@CurrentMember Member me, @PathVariable long id, Model model) {
        Sitting sitting = sittings.get(me.studio(), id);
        model.addAttribute("sitting", sitting);
        Optional<TakenPlan> plan = placements.inOrder(me.studio(), id);
        model.addAttribute("ready", plan.isPresent());
        model.addAttribute("pages", plan.map(p -> chart(me, sitting, p).pages()).orElse(List.of()));
        return "place/chart";
    }

    @GetMapping("/chart.{ending}")
    ResponseEntity<byte[]> file(
            @CurrentMember Member me,
            @PathVariable long id,
            @PathVariable String ending,
            @RequestParam(required = false) Integer page,
            @RequestParam(defaultValue = "false") boolean save) {
        Kind kind = kind(ending);
        Sitting sitting = sittings.get(me.studio(), id);
        TakenPlan plan = placements.inOrder(me.studio(), id).orElseThrow(() -> new NotHere("plan"));
        FaceChart chart = chart(me, sitting, plan);
        if (page != null && (page < 0 || page >= chart.pages().size())) {
            throw new NotHere("chart");
        }
        byte[] bytes = switch (kind) {
            case SVG -> page == null ? ChartFiles.svg(chart) : ChartFiles.svg(chart, page);
            case PNG -> ChartFiles.png(chart);
            case PDF -> ChartFiles.pdf(chart);
        };
        HttpHeaders headers = new HttpHeaders();
        headers.setContentType(MediaType.parseMediaType(kind.type));
        headers.setCacheControl("no-store");
        if (save) {
            headers.setContentDisposition(ContentDisposition.attachment()
                    .filename("face-chart-" + id + "." + ending)
                    .build());
        }
        return new ResponseEntity<>(bytes, headers, 200);
    }

    private FaceChart chart(Member me, Sitting sitting, TakenPlan plan) {
        return new FaceChart(plan, words(corrected.of(me.studio(), sitting.id()), sitting, plan, words));
    }

    private static Kind kind(String ending) {
        try {
            return Kind.valueOf(ending.toUpperCase(Locale.ROOT));
        } catch (IllegalArgumentException e) {
            throw new NotHere("chart");
        }
    }

    private FaceChart.Words words(List<String> corrections, Sitting sitting, TakenPlan plan, PlaceWords w) {
        List<FaceChart.Row> rows = new ArrayList<>();
        Set<Integer> seen = new HashSet<>();
        for (WorkedZone z : plan.zones()) {
            if (seen.add(z.number())) {
                String amount = w.amount(z);
                rows.add(new FaceChart.Row(
                        z.number(),
                        w.area(z.zone().area()),
                        amount.isEmpty() ? w.product(null) : z.product().fullName() + ". " + amount + ".",
                        z.zone().reasons().stream()
                                .findFirst()
                                .map((Reason r) -> w.reason(r))
                                .orElse("")));
            }
        }
        List<String> cautions = new ArrayList<>();
        cautions.addAll(careWords.grave(sitting, false));
        String felt = w.broken(null, plan.broken());
        if (felt != null) {
            cautions.add(w.say("chart.broken", felt));
        }
        cautions.addAll(corrections);
        Set<String> said = new HashSet<>();
        for (Caution c : plan.plan().cautions()) {
            String words = w.say("fault." + c.fault(), w.area(c.area()));
            if (said.add(words) && !plan.sheet().off().contains(c.area().family())) {
                cautions.add(words);
            }
        }
        String line = sitting.event() + ", " + words.date("date.day", sitting.startsAt()) + ", " + sitting.artistName();
        return new FaceChart.Words(
                sitting.clientName(),
                line,
                w.say("chart.aim", w.say("aim." + plan.sheet().method().aim()).toLowerCase(words.locale())),
                rows,
                cautions,
                w.say("chart.foot"));
    }
}
