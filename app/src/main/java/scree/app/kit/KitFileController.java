package scree.app.kit;

import java.nio.charset.StandardCharsets;
import java.util.List;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import scree.app.studio.CurrentMember;
import scree.app.studio.Member;
import scree.core.colour.Srgb;

/** The kit as files: everything as CSV and JSON, colours as CGATS and as a palette. */
@Controller
@RequestMapping("/kit")
class KitFileController {
    private final KitChanges changes;
    private final Kit kit;
    private final KitCsv csv;
    private final KitJson json;
    private final KitCgats cgats;

    KitFileController(KitChanges changes, Kit kit, KitCsv csv, KitJson json, KitCgats cgats) {
        this.changes = changes;
        this.kit = kit;
        this.csv = csv;
        this.json = json;
        this.cgats = cgats;
    }

    @GetMapping("/export.csv")
    ResponseEntity<byte[]> csv(@CurrentMember Member me) {
        return file(csv.write(changes.rows(me.studio())), "text/csv", "kit.csv");
    }

    @GetMapping("/export.json")
    ResponseEntity<byte[]> json(@CurrentMember Member me) {
        return file(json.write(changes.rows(me.studio())), "application/json", "kit.json");
    }

    /** Settled colours as measured. */
    @GetMapping("/colours.txt")
    ResponseEntity<byte[]> cgats(@CurrentMember Member me) {
        return file(cgats.write(coloured(me)), "text/plain", "kit-colours.txt");
    }

    /** Shades as a GIMP palette, settled colours. */
    @GetMapping("/palette.gpl")
    ResponseEntity<byte[]> palette(@CurrentMember Member me) {
        StringBuilder gpl = new StringBuilder("GIMP Palette\nName: Kit\nColumns: 6\n#\n");
        for (Product p : coloured(me)) {
            int rgb = Integer.parseInt(Srgb.hex(p.settled()).substring(1), 16);
            gpl.append("%3d %3d %3d\t%s%n"
                    .formatted(
                            rgb >> 16, rgb >> 8 & 0xff, rgb & 0xff, p.fullName().replaceAll("\\s+", " ")));
        }
        return file(gpl.toString(), "text/plain", "kit.gpl");
    }

    private List<Product> coloured(Member me) {
        return kit.all(me.studio()).stream()
                .filter(p -> !p.traits().colourless())
                .toList();
    }

    private static ResponseEntity<byte[]> file(String text, String type, String name) {
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType(type + ";charset=UTF-8"))
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment().filename(name).build().toString())
                .body(text.getBytes(StandardCharsets.UTF_8));
    }
}
