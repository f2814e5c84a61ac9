package scree.app.web;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Map;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.multipart.MultipartRequest;
import org.springframework.web.servlet.HandlerInterceptor;

/** Refuses text with a NUL in it before any page reads it. */
final class NoNul implements HandlerInterceptor {
    @Override
    public boolean preHandle(HttpServletRequest request, HttpServletResponse response, Object handler) {
        for (Map.Entry<String, String[]> sent : request.getParameterMap().entrySet()) {
            for (String value : sent.getValue()) {
                if (value.indexOf('\0') >= 0 || sent.getKey().indexOf('\0') >= 0) {
                    throw new BadInput(sent.getKey().replace("\0", ""), "input.nul");
                }
            }
        }
        if (request instanceof MultipartRequest upload) {
            for (Map.Entry<String, MultipartFile> file : upload.getFileMap().entrySet()) {
                String name = file.getValue().getOriginalFilename();
                if (name != null && name.indexOf('\0') >= 0) {
                    throw new BadInput(file.getKey(), "input.nul");
                }
            }
        }
        return true;
    }
}
