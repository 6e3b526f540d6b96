package app.frenum.server.account;

import app.frenum.server.Row;
import app.frenum.server.who.Role;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.util.Locale;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** Somebody who can sign in. The name stands beside what they keep, so it is never changed and never given twice. */
@Entity
class Account extends Row {
    private String name;

    @SuppressWarnings("UnusedVariable") // names are looked up by it
    private String nameKey;

    @Enumerated(EnumType.STRING)
    private Role role;

    private @Nullable String passwordHash;
    private boolean closed;

    protected Account() {}

    Account(UUID id, String name, Role role, @Nullable String passwordHash) {
        super(id);
        this.name = name;
        this.nameKey = key(name);
        this.role = role;
        this.passwordHash = passwordHash;
    }

    /** Names that people would take for each other are one. */
    static String key(String name) {
        return name.strip().replaceAll("\\s+", " ").toLowerCase(Locale.ROOT);
    }

    @Nullable
    String passwordHash() {
        return passwordHash;
    }

    void setPasswordHash(String hash) {
        passwordHash = hash;
    }

    void setRole(Role role) {
        this.role = role;
    }

    void setClosed(boolean closed) {
        this.closed = closed;
    }

    AccountView view() {
        return new AccountView(id(), name, role, closed, passwordHash != null);
    }
}
