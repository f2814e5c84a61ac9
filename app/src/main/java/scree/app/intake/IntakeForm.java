package scree.app.intake;

import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import scree.app.sitting.IntakeAnswers;
import scree.app.sitting.Sitting;

/** What the intake page sends; kept as typed when something has to be mended. */
public class IntakeForm {
    @Pattern(regexp = "|EVERYDAY|BRIDAL|CAMERA|STAGE|EVENING|LESSON")
    private String occasion = "";

    @Min(1)
    @Max(24)
    private Integer lastsHours;

    private boolean flash;

    @Pattern(regexp = "|SHEER|MEDIUM|FULL")
    private String coverage = "";

    @Pattern(regexp = "|MATTE|SATIN|DEWY")
    private String finish = "";

    @Size(max = 500)
    private String reactions = "";

    @Pattern(regexp = "|NONE|CLEAR|REACTED")
    private String patchTest = "";

    @Size(max = 300)
    private String brokenSkin = "";

    @Size(max = 500)
    private String bothers = "";

    @Size(max = 500)
    private String loves = "";

    private int version;

    static IntakeForm of(Sitting s) {
        IntakeForm f = new IntakeForm();
        f.occasion = text(s.occasion());
        f.lastsHours = s.lastsHours();
        f.flash = Boolean.TRUE.equals(s.flash());
        f.coverage = text(s.coverage());
        f.finish = text(s.finish());
        f.reactions = text(s.reactions());
        f.patchTest = text(s.patchTest());
        f.brokenSkin = text(s.brokenSkin());
        f.bothers = text(s.bothers());
        f.loves = text(s.loves());
        f.version = s.version();
        return f;
    }

    IntakeAnswers answers() {
        return new IntakeAnswers(
                orNull(occasion),
                lastsHours,
                flash,
                orNull(coverage),
                orNull(finish),
                orNull(reactions),
                orNull(patchTest),
                orNull(brokenSkin),
                orNull(bothers),
                orNull(loves));
    }

    private static String text(String value) {
        return value == null ? "" : value;
    }

    private static String orNull(String value) {
        return value == null || value.isBlank() ? null : value.strip();
    }

    public String getOccasion() {
        return occasion;
    }

    public void setOccasion(String occasion) {
        this.occasion = occasion;
    }

    public Integer getLastsHours() {
        return lastsHours;
    }

    public void setLastsHours(Integer lastsHours) {
        this.lastsHours = lastsHours;
    }

    public boolean isFlash() {
        return flash;
    }

    public void setFlash(boolean flash) {
        this.flash = flash;
    }

    public String getCoverage() {
        return coverage;
    }

    public void setCoverage(String coverage) {
        this.coverage = coverage;
    }

    public String getFinish() {
        return finish;
    }

    public void setFinish(String finish) {
        this.finish = finish;
    }

    public String getReactions() {
        return reactions;
    }

    public void setReactions(String reactions) {
        this.reactions = reactions;
    }

    public String getPatchTest() {
        return patchTest;
    }

    public void setPatchTest(String patchTest) {
        this.patchTest = patchTest;
    }

    public String getBrokenSkin() {
        return brokenSkin;
    }

    public void setBrokenSkin(String brokenSkin) {
        this.brokenSkin = brokenSkin;
    }

    public String getBothers() {
        return bothers;
    }

    public void setBothers(String bothers) {
        this.bothers = bothers;
    }

    public String getLoves() {
        return loves;
    }

    public void setLoves(String loves) {
        this.loves = loves;
    }

    public int getVersion() {
        return version;
    }

    public void setVersion(int version) {
        this.version = version;
    }
}
