package app.frenum.server.demo;

import app.frenum.server.account.Accounts;
import app.frenum.server.who.Role;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** The club's people. They have no passwords: in the demo they come in by one press, and otherwise not at all. */
@Component
class DemoPeople {
    private static final Map<String, Role> ROLES = Map.of(
            "Club secretary", Role.OWNER,
            "Test marshal", Role.ENGINEER,
            "Club driver", Role.DRIVER,
            "Club guest", Role.VIEWER);

    private final Accounts accounts;

    DemoPeople(Accounts accounts) {
        this.accounts = accounts;
    }

    void add() {
        if (accounts.all().isEmpty()) {
            ROLES.forEach((name, role) -> accounts.add(UUID.randomUUID(), name, role, null));
        }
    }
}
