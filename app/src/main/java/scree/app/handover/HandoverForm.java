package scree.app.handover;

import jakarta.validation.constraints.Email;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.util.Arrays;
import scree.app.look.HtmlPdf;
import scree.app.mail.Draft;

/** What an artist chooses before a sheet is sent; kept as typed when something has to be mended. A choice that is none was never offered. */
record HandoverForm(
        @NotBlank @Email(message = "{client.email.none}") @Size(max = Draft.LONGEST_ADDRESS)
        String address,

        @Size(max = LONGEST_TEXT) String text,

        String paper,
        String picture,
        String enclosed,
        String remember) {
    static final int LONGEST_TEXT = 2000;
    private static final String YES = "true";

    static HandoverForm empty(String address, HtmlPdf.Paper paper) {
        return new HandoverForm(
                address == null ? "" : address, "", paper.name(), "false", YES, String.valueOf(address == null));
    }

    Handovers.How how() {
        HtmlPdf.Paper on = Arrays.stream(HtmlPdf.Paper.values())
                .filter(p -> p.name().equals(paper))
                .findFirst()
                .orElse(HtmlPdf.Paper.A4);
        return new Handovers.How(on, YES.equals(picture));
    }

    boolean remembered() {
        return YES.equals(remember);
    }

    Handovers.Letters letter(String origin) {
        return new Handovers.Letters(address.strip(), text, YES.equals(enclosed), origin);
    }
}
