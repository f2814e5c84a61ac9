package scree.app.place;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import scree.app.sitting.Sitting;
import scree.app.sitting.Sittings;
import scree.app.studio.CurrentMember;
import scree.app.studio.Member;
import scree.app.studio.OpenTo;
import scree.app.studio.Role;
import scree.app.web.NotHere;

/** The face chart: one page to print, and as a file. */
@Controller
@RequestMapping("/sittings/{id}/place")
@OpenTo({Role.OWNER, Role.ARTIST, Role.ASSISTANT, Role.TRAINEE})
class ChartController {
    private final Sittings sittings;
    private final Placements placements;
    private final FaceCharts charts;

    ChartController(Sittings sittings, Placements placements, FaceCharts charts) {
        this.sittings = sittings;
        this.placements = placements;
        this.charts = charts;
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

    /** In one transaction, so that what stages ask is read once. */
    @GetMapping("/chart")
    @Transactional(readOnly = true)
    String page(@CurrentMember Member me, @PathVariable long id, Model model) {
        Sitting sitting = sittings.get(me.studio(), id);
        model.addAttribute("sitting", sitting);
        Optional<TakenPlan> plan = placements.inOrder(me.studio(), id);
        model.addAttribute("ready", plan.isPresent());
        model.addAttribute(
                "pages",
                plan.map(p -> charts.of(me.studio(), sitting, p).pages()).orElse(List.of()));
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
        FaceChart chart = charts.of(me.studio(), sitting, plan);
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

    private static Kind kind(String ending) {
        try {
            return Kind.valueOf(ending.toUpperCase(Locale.ROOT));
        } catch (IllegalArgumentException e) {
            throw new NotHere("chart");
        }
    }
}
