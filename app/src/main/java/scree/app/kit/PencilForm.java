package scree.app.kit;

import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotNull;
import scree.core.colour.Lab;
import scree.core.shade.PencilLine;

/** A pencil line on the wrist, bare and under one usual coat, as figures of a colour meter. */
record PencilForm(
        @NotNull @DecimalMin("0") @DecimalMax("100") Double lineL,
        @NotNull @DecimalMin("-60") @DecimalMax("80") Double lineA,
        @NotNull @DecimalMin("-60") @DecimalMax("90") Double lineB,
        @NotNull @DecimalMin("0") @DecimalMax("100") Double skinL,
        @NotNull @DecimalMin("-60") @DecimalMax("80") Double skinA,
        @NotNull @DecimalMin("-60") @DecimalMax("90") Double skinB,
        @NotNull @DecimalMin("0") @DecimalMax("100") Double coatedLineL,
        @NotNull @DecimalMin("-60") @DecimalMax("80") Double coatedLineA,
        @NotNull @DecimalMin("-60") @DecimalMax("90") Double coatedLineB,
        @NotNull @DecimalMin("0") @DecimalMax("100") Double coatedSkinL,
        @NotNull @DecimalMin("-60") @DecimalMax("80") Double coatedSkinA,
        @NotNull @DecimalMin("-60") @DecimalMax("90") Double coatedSkinB) {
    static PencilForm empty() {
        return new PencilForm(null, null, null, null, null, null, null, null, null, null, null, null);
    }

    /** Returns the line; call it only when every rule holds. */
    PencilLine line() {
        return new PencilLine(
                Lab.of(lineL, lineA, lineB),
                Lab.of(skinL, skinA, skinB),
                Lab.of(coatedLineL, coatedLineA, coatedLineB),
                Lab.of(coatedSkinL, coatedSkinA, coatedSkinB));
    }
}
