package scree.app.web;

import java.beans.PropertyEditorSupport;
import org.springframework.web.bind.WebDataBinder;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.InitBinder;

/** Reads and writes every figure of a form by {@link PlainNumbers}. An editor, since Spring falls back to its own when a converter refuses. */
@ControllerAdvice
class PlainFields {
    @InitBinder
    void figures(WebDataBinder binder) {
        binder.registerCustomEditor(Double.class, new Figure());
        binder.registerCustomEditor(double.class, new Figure());
    }

    private static final class Figure extends PropertyEditorSupport {
        @Override
        public void setAsText(String text) {
            setValue(text.isBlank() ? null : PlainNumbers.of(text));
        }

        @Override
        public String getAsText() {
            return getValue() == null ? "" : PlainNumbers.written((Double) getValue());
        }
    }
}
