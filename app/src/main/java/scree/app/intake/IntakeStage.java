package scree.app.intake;

import org.springframework.context.MessageSource;
import org.springframework.context.i18n.LocaleContextHolder;
import org.springframework.stereotype.Component;
import scree.app.look.Cairn;
import scree.app.sitting.Intake;
import scree.app.sitting.Sitting;
import scree.app.sitting.StageOfSitting;
import scree.app.studio.StudioId;

@Component
class IntakeStage implements StageOfSitting {
    private final MessageSource messages;

    IntakeStage(MessageSource messages) {
        this.messages = messages;
    }

    @Override
    public String key() {
        return "intake";
    }

    @Override
    public int order() {
        return 0;
    }

    @Override
    public Cairn.Stage reached(StudioId studio, Sitting s) {
        if (s.intakeAt() == null) {
            return new Cairn.Stage(key(), Cairn.State.TO_COME, null, null, null);
        }
        Intake told = s.intake();
        String what = told.occasion() == null
                ? messages.getMessage("stage.asked", null, LocaleContextHolder.getLocale())
                : messages.getMessage("occasion." + told.occasion(), null, LocaleContextHolder.getLocale());
        String hours = told.lastsHours() == null ? "" : ", " + told.lastsHours() + " h";
        return new Cairn.Stage(key(), Cairn.State.DONE, what + hours, null, null);
    }
}
