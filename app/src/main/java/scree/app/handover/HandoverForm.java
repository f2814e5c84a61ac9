package scree.app.handover;

import jakarta.validation.constraints.Email;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import scree.app.look.HtmlPdf;
import scree.app.mail.Draft;

/** What an artist chooses before a sheet is sent; kept as typed when something has to be mended. */
record HandoverForm(
        @NotBlank @Email(message = "{client.email.none}") @Size(max = Draft.LONGEST_ADDRESS)
        String address,

        @Size(max = LONGEST_TEXT) String text,

        HtmlPdf.Paper paper,
        Boolean picture,
        Boolean enclosed,
        Boolean remember) {
    static final int LONGEST_TEXT = 2000;

    static HandoverForm empty(String address) {
        return new HandoverForm(address == null ? "" : address, "", HtmlPdf.Paper.A4, false, true, address == null);
    }

    Handovers.How how() {
        return new Handovers.How(paper == null ? HtmlPdf.Paper.A4 : paper, Boolean.TRUE.equals(picture));
    }

    Handovers.Letters letter(String origin) {
        return new Handovers.Letters(address.strip(), text, Boolean.TRUE.equals(enclosed), origin);
    }
}
