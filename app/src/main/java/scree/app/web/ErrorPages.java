package scree.app.web;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Locale;
import java.util.UUID;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.MessageSource;
import org.springframework.http.HttpStatus;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.multipart.MaxUploadSizeExceededException;
import org.springframework.web.servlet.resource.NoResourceFoundException;

/** Turns what went wrong into a calm page with a reference number; the details go to the log only. */
@ControllerAdvice
class ErrorPages {
    private static final Logger LOG = LoggerFactory.getLogger(ErrorPages.class);
    private final MessageSource messages;

    ErrorPages(MessageSource messages) {
        this.messages = messages;
    }

    @ExceptionHandler({NotHere.class, NoResourceFoundException.class, MethodArgumentTypeMismatchException.class})
    String notHere(HttpServletResponse response, Model model) {
        return page(response, model, HttpStatus.NOT_FOUND, null);
    }

    /** Over the server's own limit, which lies far above what the core takes. */
    @ExceptionHandler(MaxUploadSizeExceededException.class)
    String tooLarge(HttpServletResponse response, Model model, Locale locale) {
        model.addAttribute("sentence", messages.getMessage("picture.FILE_TOO_LARGE", null, locale));
        return page(response, model, HttpStatus.CONTENT_TOO_LARGE, null);
    }

    @ExceptionHandler(Exception.class)
    String broken(Exception e, HttpServletRequest request, HttpServletResponse response, Model model) throws Exception {
        if (e instanceof org.springframework.web.ErrorResponse known) {
            HttpStatus status = HttpStatus.valueOf(known.getStatusCode().value());
            return page(response, model, status, null);
        }
        if (e instanceof org.springframework.security.access.AccessDeniedException) {
            throw e;
        }
        String reference = UUID.randomUUID().toString().substring(0, 8).toUpperCase(Locale.ROOT);
        LOG.error("reference {} {} {}", reference, request.getMethod(), request.getRequestURI(), e);
        return page(response, model, HttpStatus.INTERNAL_SERVER_ERROR, reference);
    }

    private static String page(HttpServletResponse response, Model model, HttpStatus status, String reference) {
        response.setStatus(status.value());
        model.addAttribute("status", status.value());
        model.addAttribute("reference", reference);
        return "error";
    }
}
