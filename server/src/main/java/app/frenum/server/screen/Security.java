package app.frenum.server.screen;

import app.frenum.server.guard.Refusal;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpStatus;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.annotation.web.configurers.AbstractHttpConfigurer;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.csrf.CookieCsrfTokenRepository;
import org.springframework.security.web.csrf.CsrfTokenRepository;

/**
 * Who is signed in is told by a session; what changes something carries a token that no page from elsewhere can read. What
 * each may do is said beside every route, and held by {@link DeedGuard}.
 */
@Configuration(proxyBeanMethods = false)
class Security {
    /** What somebody needs who is not signed in yet. */
    private static final String[] GREETING = {
        "/api/session", "/api/session/**", "/api/demo", "/api/openapi", "/api/openapi/**"
    };

    @Bean
    CsrfTokenRepository tokens() {
        CookieCsrfTokenRepository tokens = CookieCsrfTokenRepository.withHttpOnlyFalse();
        tokens.setCookieCustomizer(cookie -> cookie.path("/").sameSite("Strict"));
        return tokens;
    }

    @Bean
    SecurityFilterChain chain(HttpSecurity http, ScreenContexts contexts, CsrfTokenRepository tokens) throws Exception {
        return http.securityContext(c -> c.securityContextRepository(contexts))
                .csrf(c -> c.spa().csrfTokenRepository(tokens))
                // Frenum has its own, and its sessions are made when somebody signs in.
                .headers(AbstractHttpConfigurer::disable)
                .sessionManagement(AbstractHttpConfigurer::disable)
                .formLogin(AbstractHttpConfigurer::disable)
                .httpBasic(AbstractHttpConfigurer::disable)
                .logout(AbstractHttpConfigurer::disable)
                .requestCache(AbstractHttpConfigurer::disable)
                .exceptionHandling(
                        e -> e.authenticationEntryPoint((request, response, why) ->
                                        Refusal.send(response, HttpStatus.UNAUTHORIZED, "Sign in", "Sign in first."))
                                .accessDeniedHandler(
                                        (request, response, why) -> Refusal.send(
                                                response,
                                                HttpStatus.FORBIDDEN,
                                                "Load it again",
                                                "This page is from before somebody signed in or out here. Load it again and repeat that.")))
                .authorizeHttpRequests(a -> a.requestMatchers(GREETING)
                        .permitAll()
                        .requestMatchers("/api/**", "/papers/**")
                        .authenticated()
                        .anyRequest()
                        .permitAll())
                .build();
    }
}
