// Written by `npm run api-types` from the server’s description of its API. Not by hand.
import type { Policy as CorePolicy } from '@sirene/core/behaviour';
import type { WidgetDocument as CoreWidgetDocument } from '@sirene/core/document/widget';
import type { CompiledWidget as CoreCompiledWidget } from '@sirene/core/compile';
import type { TakenForm as CoreTakenForm } from '@sirene/core/library/takeover';
import type { Brand as CoreBrand } from '@sirene/core/style';
import type { TokenImport as CoreTokenImport } from '@sirene/core/style';
import type { Proposal as CoreProposal } from '@sirene/core/library/proposal';
import type { Branch as CoreBranch } from '@sirene/core/document/widget';
import type { WidgetRules as CoreWidgetRules } from '@sirene/core/behaviour';
export interface paths {
  '/api/sites/{site}/webhook-key': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    /** The key that the site’s webhooks are signed with. */
    get: operations['WebhooksController_read'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/sites/{site}/webhook-key/rotate': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    /** Gives the site a new key; the old one signs beside it for a day. */
    post: operations['WebhooksController_rotate'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/session': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    /** Who is signed in, whether the demo account may be used, and whether the first account is still to be made. */
    get: operations['AccountsController_current'];
    put?: never;
    /** Signs in; the answer sets the session’s cookie. */
    post: operations['AccountsController_signIn'];
    /** Signs out. */
    delete: operations['AccountsController_signOut'];
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/session/demo': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    /** Signs in to the demo account, where there is one. */
    post: operations['AccountsController_signInToDemo'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/session/setup': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    /** Makes the first account, by the code that the server printed when it started. */
    post: operations['AccountsController_setUp'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/session/reset': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    /** Sends a link for a new password; the answer is the same whether the address has an account or not. */
    post: operations['AccountsController_askReset'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/session/reset/{token}': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    /** Sets a new password by such a link, and signs in. */
    put: operations['AccountsController_reset'];
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/account': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    /** Changes one’s own name. */
    patch: operations['AccountController_rename'];
    trace?: never;
  };
  '/api/account/password': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    /** Changes one’s own password, by the one so far; other sessions end. */
    put: operations['AccountController_changePassword'];
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/account/sessions': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    /** Where one is signed in. */
    get: operations['AccountController_sessions'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/account/sessions/{session}': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    post?: never;
    /** Signs out somewhere else. */
    delete: operations['AccountController_endSession'];
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/sites': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    /** One’s sites. */
    get: operations['SitesController_list'];
    put?: never;
    /** Makes a site, of which one is the owner. */
    post: operations['SitesController_create'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/sites/{site}': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    /** One site. */
    get: operations['SitesController_read'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    /** Changes what is said of a site, or archives it. */
    patch: operations['SitesController_change'];
    trace?: never;
  };
  '/api/sites/{site}/seen-pages': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    /** The paths of the site’s pages on which its script was seen. */
    get: operations['SitesController_seenPages'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/sites/{site}/members': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    /** Who works on a site, and the invitations that are open. */
    get: operations['MembersController_list'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/sites/{site}/members/{member}': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    post?: never;
    /** Removes a member; whoever is one may leave. */
    delete: operations['MembersController_remove'];
    options?: never;
    head?: never;
    /** Makes a member an owner, or an owner a member. */
    patch: operations['MembersController_change'];
    trace?: never;
  };
  '/api/sites/{site}/invitations': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    /** Makes an invitation; its link is told this once. */
    post: operations['MembersController_invite'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/sites/{site}/invitations/{invitation}': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    post?: never;
    /** Withdraws an invitation. */
    delete: operations['MembersController_withdraw'];
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/session/invitations/{token}': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    /** What a link invites to. */
    get: operations['InvitationsController_read'];
    put?: never;
    /** Makes an account that is a member of the site, and signs in to it. */
    post: operations['InvitationsController_accept'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/session/invitations/{token}/join': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    /** Makes whoever is signed in a member. */
    post: operations['InvitationsController_join'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/sites/{site}/widgets': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    /** All widgets of a site, with what each did in the last thirty days. */
    get: operations['WidgetsController_list'];
    put?: never;
    /** Makes a widget: an empty one, or of a whole document. */
    post: operations['WidgetsController_create'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/widgets/{widget}': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    /** One widget with its draft. */
    get: operations['WidgetsController_read'];
    put?: never;
    post?: never;
    /** Puts a widget aside; it can be brought back. */
    delete: operations['WidgetsController_remove'];
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/widgets/{widget}/preview': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    /** The draft compiled: what small true previews of it are drawn from. */
    get: operations['WidgetsController_preview'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/widgets/{widget}/draft': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    /** Saves the draft, where nobody else has in the meantime. */
    put: operations['WidgetsController_save'];
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/widgets/{widget}/publish': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    /** Compiles the draft and makes it what visitors get. */
    post: operations['WidgetsController_publish'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/widgets/{widget}/copy': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    /** Makes a widget of the draft of another, on its site or on another of one’s own. */
    post: operations['WidgetsController_copy'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/widgets/{widget}/unpublish': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    /** Takes a widget off the site; its draft stays. */
    post: operations['WidgetsController_unpublish'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/widgets/{widget}/versions': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    /** The versions that were published, newest first. */
    get: operations['WidgetsController_versions'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/widgets/{widget}/versions/{number}/restore': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    /** Makes a version the draft again. */
    post: operations['WidgetsController_restore'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/widgets/{widget}/bring-back': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    /** Brings a widget back that was put aside. */
    post: operations['WidgetsController_bringBack'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/sites/{site}/pages': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    /** The pages that are kept for the stage. */
    get: operations['PagesController_list'];
    put?: never;
    /** Keeps a still copy of a page whose HTML is given. */
    post: operations['PagesController_store'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/sites/{site}/pages/fetch': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    /** Fetches a page of the site and keeps a still copy of it. */
    post: operations['PagesController_fetch'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/sites/{site}/pages/forms': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    /** The forms of a page, as elements of a widget. Nothing is saved. */
    post: operations['PagesController_forms'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/stage/pages/{page}': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    /** The stored copy itself, as the stage’s frame loads it. */
    get: operations['PagesController_read'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/sites/{site}/assets': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    /** The images, videos and fonts of a site. */
    get: operations['AssetsController_list'];
    put?: never;
    /** Uploads a file; the file itself is the body, as application/octet-stream. */
    post: operations['AssetsController_upload'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/sites/{site}/assets/{asset}': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    post?: never;
    /** Removes an upload that nothing uses. */
    delete: operations['AssetsController_remove'];
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/sites/{site}/brand': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    /** The site’s design, complete: what the site has not set comes from the plain brand. */
    get: operations['BrandController_read'];
    /** Saves the site’s design and publishes anew what it touches. */
    put: operations['BrandController_save'];
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/sites/{site}/brand/looks': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    /** Which widgets use each look, by the look’s id. */
    get: operations['BrandController_looks'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/sites/{site}/brand/preview': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    /** What a brand would change, widget by widget. Nothing is saved. */
    post: operations['BrandController_preview'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/sites/{site}/brand/tokens': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    /** Reads a token file: what of it can be used, and what can’t and why. Nothing is saved. */
    post: operations['BrandController_tokens'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/sites/{site}/brand/proposal': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    /** Proposes tokens from a page of the site. Nothing is saved. */
    post: operations['BrandController_propose'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/sites/{site}/shelf': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    /** The pieces that are kept for reuse. */
    get: operations['LibraryController_list'];
    put?: never;
    /** Keeps an element with all that it holds. */
    post: operations['LibraryController_keep'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/sites/{site}/shelf/{item}': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    post?: never;
    /** Takes a piece off the shelf. */
    delete: operations['LibraryController_remove'];
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/sites/{site}/starters': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    /** The site’s own starters. */
    get: operations['LibraryController_starters'];
    put?: never;
    /** Keeps the draft of a widget as a starter. */
    post: operations['LibraryController_keepStarter'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/sites/{site}/starters/{starter}': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    post?: never;
    /** Removes one of the site’s own starters. */
    delete: operations['LibraryController_removeStarter'];
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/p/{key}/{slug}': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    /** A widget that is a page of its own. */
    get: operations['HostedController_page'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/p/{key}/window/{id}': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    /** A page on which one widget stands alone: a chat in a window of its own. */
    get: operations['HostedController_window'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/widgets/{widget}/export.html': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    /** The draft of a widget as one self-contained HTML file. */
    get: operations['HostedController_file'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/fonts/{file}': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    /** A typeface that ships. */
    get: operations['HostedController_font'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/embed.d.ts': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    /** The types of what the script offers pages (TypeScript). */
    get: operations['ServingController_types'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/embed.js': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    /** The script for any site: its tag names the site. */
    get: operations['ServingController_plainScript'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/s/{key}.js': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    /** The script of one site, with its manifest inside: all that a page asks for first. */
    get: operations['ServingController_script'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/s/{key}/{id}.js': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    /** The script of a page on which one widget stands alone, opened at once. */
    get: operations['ServingController_aloneScript'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/m/{key}.json': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    /** The manifest: small, and asked for anew at every page view. */
    get: operations['ServingController_manifest'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/b/{hash}.json': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    /** A compiled widget. Its address carries its content’s hash, so it never changes. */
    get: operations['ServingController_body'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/schema/widget.json': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    /** The JSON Schema of a widget document. */
    get: operations['ServingController_schema'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/sites/{site}/manifest': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    /** What a page of the site would be given: for those who rehearse what visitors see. */
    get: operations['ServingController_rehearsed'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/sites/{site}/rules': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    /** The rules of all of the site’s widgets as their drafts have them: for its page plan. */
    get: operations['ServingController_rules'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/sites/{site}/install': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    /** Whether the script runs on the site’s pages, and when it was last seen. */
    get: operations['ServingController_install'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/sites/{site}/tries': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    /** Makes a link that opens a page of the site with its drafts on it. */
    post: operations['TriesController_make'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/t/{token}.json': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    /** The manifest of the site’s drafts, for pages of its own. */
    get: operations['TriesController_manifest'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/t/{token}/{widget}.json': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    /** A draft compiled. */
    get: operations['TriesController_body'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/sites/{site}/codes': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    /** The pools of codes, and how many are given. */
    get: operations['CodesController_list'];
    put?: never;
    /** Puts codes into a pool. */
    post: operations['CodesController_add'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/sites/{site}/codes/{pool}': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    post?: never;
    /** Deletes a pool with its codes. */
    delete: operations['CodesController_remove'];
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/c/{key}/starts': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    /** Signs that a countdown of the visitor’s own begins now. */
    post: operations['VisitorCodesController_start'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/c/{key}/codes': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    /** Gives a visitor a code of a pool: always the same, and to nobody else. */
    post: operations['VisitorCodesController_give'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/sites/{site}/files/{file}': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    /** A file that came with a submission or in a conversation. */
    get: operations['FilesController_read'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/c/{key}/chat/messages': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    /** Takes what a visitor wrote; sent again with the same id, it is stored once. */
    post: operations['VisitorChatController_say'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/c/{key}/chat/follow': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    /** Tells what there is behind a message; where there is nothing, once there is. */
    post: operations['VisitorChatController_follow'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/c/{key}/chat/typing': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    /** Says that the visitor is writing just now. */
    post: operations['VisitorChatController_types'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/c/{key}/chat/end': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    /** Ends the conversation, as the visitor wishes. */
    post: operations['VisitorChatController_end'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/c/{key}/chat/forget': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    /** Revokes the visitor’s token: it opens no conversation any more. The desk keeps them. */
    post: operations['VisitorChatController_forget'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/c/{key}/chat/rating': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    /** Rates a conversation that has ended. */
    post: operations['VisitorChatController_rate'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/c/{key}/chat/transcript': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    /** Sends the conversation to the visitor’s address by e-mail. */
    post: operations['VisitorChatController_transcript'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/c/{key}/chat/files': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    /** Takes a file ahead of the message that it is of; the file itself is the body. */
    post: operations['VisitorChatController_file'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/c/{key}/chat/files/{file}': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    /** A file of a conversation: nobody can guess its id. */
    get: operations['VisitorChatController_read'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/sites/{site}/conversations': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    /** The conversations of a site, the latest first. */
    get: operations['DeskController_all'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/sites/{site}/conversations/happening': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    /** Answers once something happens to a conversation of the site. */
    get: operations['DeskController_happening'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/sites/{site}/conversations/report': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    /** How the conversations of the last days went. */
    get: operations['DeskController_report'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/sites/{site}/conversations/files': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    /** Takes a file ahead of the answer that it is of; the file itself is the body. */
    post: operations['DeskController_file'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/sites/{site}/conversations/{conversation}': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    /** One conversation, with all behind a message. */
    get: operations['DeskController_one'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    /** Takes a conversation on, hands it over, lets it rest, ends it or opens it again. */
    patch: operations['DeskController_change'];
    trace?: never;
  };
  '/api/sites/{site}/conversations/{conversation}/earlier': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    /** Earlier conversations of the same person, the latest first. */
    get: operations['DeskController_earlier'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/sites/{site}/conversations/{conversation}/transcript': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    /** A conversation as a text, or as JSON. */
    get: operations['DeskController_transcript'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/sites/{site}/conversations/{conversation}/messages': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    /** Stores an answer or a note; sent again with the same id, it is stored once. */
    post: operations['DeskController_say'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/sites/{site}/conversations/{conversation}/typing': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    /** Says that somebody at the desk is writing just now. */
    post: operations['DeskController_types'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/sites/{site}/conversations/{conversation}/lead': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    /** Makes a lead of whoever writes. */
    post: operations['DeskController_lead'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/sites/{site}/desk-groups': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    /** The groups of the desk, by name. */
    get: operations['DeskGroupsController_read'];
    /** Puts other groups in the place of these. */
    put: operations['DeskGroupsController_set'];
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/sites/{site}/identity-key': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    /** How the tokens of members are signed. */
    get: operations['IdentityController_read'];
    /** Sets the key. A secret (HS256) is told this once; tokens of the key before are refused from then on. */
    put: operations['IdentityController_set'];
    post?: never;
    /** Takes the key away: no token is accepted from then on. */
    delete: operations['IdentityController_clear'];
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/p/{key}/messenger/go': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    /** Leads to the page of the messenger on which a visitor writes. */
    get: operations['BridgeController_go'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/p/{key}/messenger': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    /** Takes what the messenger tells, signed by it (Standard Webhooks). */
    post: operations['BridgeController_take'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/sites/{site}/messenger/checks/{step}': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    /** Tests one thing of the site’s messenger. */
    get: operations['ChecksController_check'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/c/{key}/members/follow': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    /** Tells a member’s threads, and what is new in the open one; once there is something. */
    post: operations['MemberChatController_follow'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/c/{key}/members/messages': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    /** Takes what a member writes to another; sent again with the same id, it is stored once. */
    post: operations['MemberChatController_say'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/c/{key}/members/find': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    /** Members by a part of their names. */
    post: operations['MemberChatController_find'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/c/{key}/members/block': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    /** Blocks another member, or does so no more. */
    post: operations['MemberChatController_block'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/c/{key}/members/report': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    /** Reports another member to the desk. */
    post: operations['MemberChatController_report'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/sites/{site}/member-chat': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    /** Whether members may write to each other. */
    get: operations['ModerationController_read'];
    /** Lets members write to each other, or no more. */
    put: operations['ModerationController_turn'];
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/sites/{site}/member-chat/reports': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    /** What was reported, what is open first, each with the end of its thread. */
    get: operations['ModerationController_reports'];
    put?: never;
    /** Does something about a report. */
    post: operations['ModerationController_moderate'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/sites/{site}/saved-replies': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    /** The saved replies of a site, by name. */
    get: operations['RepliesController_all'];
    put?: never;
    /** Saves a reply; one of the same name gets the new text. */
    post: operations['RepliesController_save'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/sites/{site}/saved-replies/{reply}': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    post?: never;
    /** Removes a saved reply. */
    delete: operations['RepliesController_remove'];
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/c/{key}/submissions': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    /** Takes what a visitor entered; sent again with the same id, it is stored once. */
    post: operations['CollectController_submit'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/c/{key}/files': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    /** Takes a file of a visitor ahead of the form that it is of; the file itself is the body. */
    post: operations['CollectController_file'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/c/{key}/events': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    /** Counts what happened to widgets on a page. */
    post: operations['CollectController_events'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/sites/{site}/submissions/{submission}/release': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    /** Lets a submission through that was held back: its actions follow now. */
    post: operations['HeldController_release'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/sites/{site}/submissions': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    /** Submissions, newest first, a page at a time. */
    get: operations['PeopleController_list'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/sites/{site}/submissions.csv': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    /** Every submission that matches, as a table. */
    get: operations['PeopleController_csv'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/sites/{site}/submissions/{submission}': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    /** One submission, with what became of it. */
    get: operations['PeopleController_read'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/sites/{site}/persons': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    /** The people of a site, those heard of last first, a page at a time. */
    get: operations['PersonsController_list'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/sites/{site}/persons/{person}': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    /** One person, with all that is known of them. */
    get: operations['PersonsController_read'];
    put?: never;
    post?: never;
    /** Erases a person, with all that they sent and all that followed. */
    delete: operations['PersonsController_erase'];
    options?: never;
    head?: never;
    /** Changes the name or the tags of a person. */
    patch: operations['PersonsController_change'];
    trace?: never;
  };
  '/api/sites/{site}/persons/{person}/export.json': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    /** All that is kept of a person. */
    get: operations['PersonsController_everything'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/sites/{site}/persons/{person}/merges': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    /** Brings another person into this one: they are the same from then on. */
    post: operations['PersonsController_merge'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/sites/{site}/persons/{person}/merges/{merge}': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    post?: never;
    /** Takes two persons apart again who were brought together. */
    delete: operations['PersonsController_part'];
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/sites/{site}/persons/{person}/notes': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    /** Writes something down about a person. */
    post: operations['PersonsController_note'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/sites/{site}/persons/{person}/notes/{note}': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    post?: never;
    /** Takes a note away. */
    delete: operations['PersonsController_removeNote'];
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/sites/{site}/persons.csv': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    /** Every person that matches, as a table. */
    get: operations['PersonsExportController_csv'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/sites/{site}/persons.vcf': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    /** Every person that matches, as vCards 4.0 (RFC 6350). */
    get: operations['PersonsExportController_vcards'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/sites/{site}/persons/{person}/export.zip': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    /** All that is kept of a person: as JSON, with the files that they sent. */
    get: operations['PersonsExportController_whole'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/widgets/{widget}/older-submissions': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    /** How many submissions of a widget are older than so many days. */
    get: operations['RetentionController_older'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/sites/{site}/submissions/change': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    /** Says of submissions that they have been read, or who takes them on. */
    post: operations['InboxController_change'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/sites/{site}/submissions/delete': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    /** Deletes submissions, with their files and all that followed; whoever sent them stays. */
    post: operations['InboxController_remove'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/sites/{site}/submissions/{submission}/answer': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    /** Answers whoever sent a submission, by mail. */
    post: operations['InboxController_answer'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/sites/{site}/submission-views': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    /** The views that a site has saved. */
    get: operations['InboxController_all'];
    put?: never;
    /** Saves a view. */
    post: operations['InboxController_create'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/sites/{site}/submission-views/{view}': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    /** Changes a view. */
    put: operations['InboxController_save'];
    post?: never;
    /** Removes a view; what it showed stays. */
    delete: operations['InboxController_drop'];
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/sites/{site}/search': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    /** Looks for words in submissions, persons, notes, leads and invoices. */
    get: operations['SearchController_find'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/sites/{site}/lists': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    /** Every mailing list of a site, and how many stand how to it. */
    get: operations['ListsController_all'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/sites/{site}/lists/{list}/entries': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    /** Who stands how to a list, those that changed last first, a page at a time. */
    get: operations['ListsController_entries'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/sites/{site}/lists/{list}/import': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    /** Brings people onto a list from a CSV file or vCards, which is the body itself; or says what that would do. */
    post: operations['ListsController_import'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/sites/{site}/lists/{list}/entries.csv': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    /** Every entry that matches, with its proof, as a table. */
    get: operations['ListsController_csv'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/p/{key}/confirm/{token}': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    /** The page on which somebody confirms that they want to be on a mailing list. */
    get: operations['LinksController_confirmPage'];
    put?: never;
    /** Puts whoever has the link on the mailing list. */
    post: operations['LinksController_confirm'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/p/{key}/unsubscribe/{token}': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    /** The page on which somebody leaves a mailing list. */
    get: operations['LinksController_unsubscribePage'];
    put?: never;
    /** Takes whoever has the link off the mailing list; mail programs call it too (RFC 8058). */
    post: operations['LinksController_unsubscribe'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/sites/{site}/leads': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    /** The board: stages, and the leads in them. */
    get: operations['LeadsController_board'];
    put?: never;
    /** Makes a lead of a person. */
    post: operations['LeadsController_create'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/sites/{site}/leads/{lead}': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    post?: never;
    /** Removes a lead; the person stays. */
    delete: operations['LeadsController_remove'];
    options?: never;
    head?: never;
    /** Changes a lead: its stage, what it is about, its value, its owner, when it is due. */
    patch: operations['LeadsController_change'];
    trace?: never;
  };
  '/api/sites/{site}/lead-stages': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    /** Gives the site these stages, in this order. */
    put: operations['LeadsController_setStages'];
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/sites/{site}/invoices': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    /** The invoices, the newest first. */
    get: operations['InvoicesController_list'];
    put?: never;
    /** Begins an invoice for a person. */
    post: operations['InvoicesController_draft'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/sites/{site}/invoices/{invoice}': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    /** One invoice. */
    get: operations['InvoicesController_read'];
    /** Changes a draft. */
    put: operations['InvoicesController_change'];
    post?: never;
    /** Drops a draft. */
    delete: operations['InvoicesController_drop'];
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/sites/{site}/invoices/{invoice}/issue': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    /** Gives a draft its number; it is not changed from then on. */
    post: operations['InvoicesController_issue'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/sites/{site}/invoices/{invoice}/send': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    /** Sends an invoice to its buyer, as PDF and as XML. */
    post: operations['InvoicesController_send'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/sites/{site}/invoices/{invoice}/paid': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    /** Notes that an invoice has been paid, or has not. */
    put: operations['InvoicesController_setPaid'];
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/sites/{site}/invoices/{invoice}/invoice.pdf': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    /** An invoice as PDF. */
    get: operations['InvoicesController_pdf'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/sites/{site}/invoices/{invoice}/invoice.xml': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    /** An invoice as XML (UBL 2.1, EN 16931). */
    get: operations['InvoicesController_xml'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/sites/{site}/invoice-settings': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    /** How the site writes its invoices. */
    get: operations['InvoicesController_settings'];
    /** Sets how the site writes its invoices, and its catalogue. */
    put: operations['InvoicesController_setSettings'];
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/sites/{site}/sheets': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    /** Every spreadsheet of a site. */
    get: operations['SheetsController_all'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/sites/{site}/sheets/{sheet}/rows': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    /** The columns of a spreadsheet and its newest rows. */
    get: operations['SheetsController_rows'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/sites/{site}/sheets/{sheet}/address': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    /** Gives a spreadsheet another secret address; the one before opens nothing any more. */
    post: operations['SheetsController_renewAddress'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/sites/{site}/sheets/{sheet}/rows.xlsx': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    /** A spreadsheet, whole, as XLSX. */
    get: operations['SheetsController_xlsx'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/sites/{site}/sheets/{sheet}/rows.csv': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    /** A spreadsheet, whole, as CSV. */
    get: operations['SheetsController_csv'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/p/{key}/sheets/{file}': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    /** A spreadsheet by its secret address, ending in .csv or .xlsx. */
    get: operations['SheetsController_byAddress'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/sites/{site}/services/{kind}': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    /** An outside service of the site. Its secrets are told to nobody. */
    get: operations['ServicesController_read'];
    /** Gives the site this service. */
    put: operations['ServicesController_set'];
    post?: never;
    /** Takes the service away; its stand-in takes its place, where there is one. */
    delete: operations['ServicesController_clear'];
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/p/{key}/pay/{token}': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    /** The page of a payment: what it is for, and how it stands. Its receipt, once it is paid. */
    get: operations['PayController_page'];
    put?: never;
    /** Goes on to the page of the payment service. */
    post: operations['PayController_pay'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/p/{key}/payments': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    /** Takes the result of a payment, signed by the payment service (Standard Webhooks). */
    post: operations['PayController_result'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/c/{key}/raised': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    /** What has been paid by way of a widget. */
    get: operations['RaisedController_sum'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/sites/{site}/payments/{payment}/refund': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    /** Has a payment paid back. */
    post: operations['PaymentsController_refund'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/sites/{site}/deliveries/repeat-failed': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    /** Tries every delivery that failed again now. */
    post: operations['ActionsController_repeatFailed'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/sites/{site}/deliveries/{delivery}/repeat': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    /** Tries a delivery again now. */
    post: operations['ActionsController_repeat'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/widgets/{widget}/actions/preview': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    /** The mails that an action would send for the last submission, or one made up. */
    post: operations['TryController_preview'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/widgets/{widget}/actions/test': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    /** Sends an action’s mail to who asks, or calls its server with a test. */
    post: operations['TryController_test'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/post': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    /** The newest mails that the mail stand-in keeps: those of one’s sites, and those to oneself. */
    get: operations['StandinsController_list'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/post/{mail}': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    /** One of these mails, whole. */
    get: operations['StandinsController_read'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/sites/{site}/test-webhooks': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    /** What the webhook stand-in has received, the newest first, and how it behaves. */
    get: operations['HooksController_list'];
    /** Sets how the webhook stand-in behaves from now on. */
    put: operations['HooksController_behave'];
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/sites/{site}/test-payments': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    /** The sessions of the payment stand-in, the newest first. */
    get: operations['TestPaymentsController_list'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/sites/{site}/test-members': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    /** The members whom the stand-in knows, the newest first, and the one who can be tried at once. */
    get: operations['TestMembersController_list'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/sites/{site}/test-messenger': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    /** The site’s channel at the messenger stand-in, and what was written there, the newest first. */
    get: operations['TestMessengerController_read'];
    /** Sets the site’s channel at the messenger stand-in. */
    put: operations['TestMessengerController_set'];
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/health': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    /** 200 while requests can be read and written; 503 with the reason while they can’t. */
    get: operations['HealthController_read'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
}
export type webhooks = Record<string, never>;
export interface components {
  schemas: {
    RotateDto: {
      /** @description `createdAt` of the key that is to be replaced: pressed twice, it is replaced once */
      since: number;
    };
    SignInDto: {
      email: string;
      password: string;
    };
    SetUpDto: {
      name: string;
      email: string;
      password: string;
      code: string;
    };
    AskResetDto: {
      email: string;
    };
    ResetDto: {
      password: string;
    };
    RenameDto: {
      name: string;
    };
    ChangePasswordDto: {
      password: string;
      current: string;
    };
    CreateSiteDto: {
      name: string;
      origins: string[];
    };
    PolicyDto: {
      quietGap: number;
      perPage: number | null;
      perVisit: number | null;
      /** @enum {string} */
      waiting: 'later' | 'never';
    };
    ChangeSiteDto: {
      name?: string;
      origins?: string[];
      zone?: string;
      policy?: components['schemas']['PolicyDto'];
      /** @description Words that hold a submission back as spam */
      unwantedWords?: string[];
      archived?: boolean;
    };
    RoleDto: {
      /** @enum {string} */
      role: 'owner' | 'member';
    };
    NewAccountDto: {
      name: string;
      email: string;
      password: string;
    };
    CreateWidgetDto: {
      name: string;
      /** @enum {string} */
      kind?: 'popup' | 'cta' | 'form' | 'countdown' | 'bar' | 'chat';
      /** @description A whole document, as /schema/widget.json describes it */
      document?: object;
    };
    SaveDraftDto: {
      /** @description The draft version the change starts from */
      base: number;
      /** @description The whole document, as /schema/widget.json describes it */
      document: object;
    };
    BaseDto: {
      /** @description The draft version the change starts from */
      base: number;
    };
    CopyWidgetDto: {
      name: string;
      /** @description Another site of the user; its own where nothing is said */
      site?: string;
    };
    StorePageDto: {
      /** @description The page’s full address; relative addresses in it are read from there */
      address: string;
      title: string;
      html: string;
    };
    FetchPageDto: {
      /** @description Full address of a page of the site; it is fetched, and a still copy of it kept */
      address: string;
    };
    PageSourceDto: {
      /** @description Address of a page of the site */
      address?: string;
      /** @description Or its HTML, with its styles in it */
      html?: string;
    };
    SaveBrandDto: {
      /** @description Tokens in the W3C Design Tokens format */
      tokens: object;
      looks: object;
      fonts: object[];
      /** @description The site’s own mark: an upload, with its size and what it shows */
      logo?: object;
      /**
       * @description What the site’s widgets are written in
       * @enum {string}
       */
      language?: 'en' | 'de' | 'fr' | 'es' | 'it' | 'nl' | 'pl' | 'pt' | 'sv' | 'da' | 'ar' | 'he';
      /** @description For tokens that are in use and go: the token that takes their place */
      replacements?: {
        [key: string]: string;
      };
    };
    TokensFileDto: {
      /** @description The text of a Design Tokens file */
      text: string;
    };
    KeepDto: {
      name: string;
      /** @description An element with all it holds: `{ root, elements }` */
      branch: object;
    };
    KeepStarterDto: {
      /** @description The widget whose draft is kept */
      widget: string;
      /** @enum {string} */
      purpose: 'gather' | 'sell' | 'announce' | 'ask' | 'book' | 'give' | 'members';
      /** @description One sentence: what it is for */
      says: string;
    };
    MakeTryDto: {
      address: string;
    };
    AddCodesDto: {
      pool: string;
      /** @description Those that the pool has already are left as they are. */
      codes: string[];
    };
    StartDto: {
      widget: string;
      /** @description The element of the widget: the countdown, or the code */
      element: string;
    };
    AskCodeDto: {
      widget: string;
      /** @description The element of the widget: the countdown, or the code */
      element: string;
      /** @description Made by the page at random, and the same for as long as its storage lasts */
      visitor: string;
      /** @description The signed start of the countdown that the code hangs on */
      start?: string;
    };
    ChatMessageDto: {
      /** @description Made by whoever writes it: 32 hexadecimal digits. Sent again, it is stored once. */
      id: string;
      text: string;
      /** @description A file that was sent ahead of it; its name becomes the text */
      file?: string;
    };
    ChatAnswerDto: {
      label: string;
      value: string;
    };
    VisitorMessageDto: {
      /** @description By which the visitor is known again: 32 hexadecimal digits of the page’s own */
      token: string;
      widget: string;
      message: components['schemas']['ChatMessageDto'];
      name?: string;
      /** @description Empty where nobody asked */
      email?: string;
      /** @description What was asked beside name and address */
      answers?: components['schemas']['ChatAnswerDto'][];
      /** @description A token that the site’s own server signed: who the visitor is (JWT) */
      identity?: string;
      page: string;
      title: string;
    };
    FollowDto: {
      /** @description By which the visitor is known again: 32 hexadecimal digits of the page’s own */
      token: string;
      widget: string;
      /** @description The last message that is known; 0 where none is */
      after: number;
      /** @description Whether it is answered only once there is something to tell */
      wait: boolean;
      /** @description The mark of the last answer: as long as it is the same, nothing has changed */
      mark?: string;
      /** @description The conversation that the message is of */
      conversation?: string;
      /** @description The page on which they are */
      page?: string;
      /** @description What it is called */
      title?: string;
      /** @description The last message that the visitor has looked at */
      seen?: number;
    };
    VisitorDto: {
      /** @description By which the visitor is known again: 32 hexadecimal digits of the page’s own */
      token: string;
      widget: string;
    };
    RateDto: {
      /** @description By which the visitor is known again: 32 hexadecimal digits of the page’s own */
      token: string;
      widget: string;
      rating: number;
      text?: string;
    };
    DeskMessageDto: {
      message: components['schemas']['ChatMessageDto'];
      /** @description Whether only the desk sees it */
      note: boolean;
    };
    ChangeConversationDto: {
      /** @description The member who takes it on; null for nobody */
      assignee?: string | null;
      /** @description The group that it is handed to; null for none. Who had taken it on has it no more */
      group?: string | null;
      /** @enum {string} */
      state?: 'open' | 'closed';
      /** @description When it comes back among what is going on, ms since 1970; null for now */
      snoozedUntil?: number | null;
      /** @description All of its tags */
      tags?: string[];
    };
    DeskGroupDto: {
      /** @description Of the studio’s own making: 32 hexadecimal digits */
      id: string;
      name: string;
      /** @description Members of the site, by their ids */
      members: string[];
    };
    DeskGroupsDto: {
      groups: components['schemas']['DeskGroupDto'][];
    };
    IdentityKeyDto: {
      /**
       * @description With HS256 a new secret is made, with EdDSA the public key is taken
       * @enum {string}
       */
      algorithm: 'HS256' | 'EdDSA';
      /** @description For EdDSA: an Ed25519 public key in PEM */
      publicKey?: string;
    };
    FollowMembersDto: {
      /** @description A token that the site’s own server signed: who the member is (JWT) */
      identity: string;
      /** @description Whose thread is open */
      other?: string;
      /** @description The last message of it that is known; 0 where none is */
      after: number;
      /** @description Whether it is answered only once there is something to tell */
      wait: boolean;
      /** @description The mark of the last answer */
      mark?: string;
      /** @description The last message of the open thread that was looked at */
      seen?: number;
    };
    MemberMessageDto: {
      /** @description Of the writer’s own making: sent again with the same, it is stored once */
      id: string;
      text: string;
    };
    SayToMemberDto: {
      /** @description A token that the site’s own server signed: who the member is (JWT) */
      identity: string;
      /** @description To whom */
      to: string;
      message: components['schemas']['MemberMessageDto'];
    };
    FindMembersDto: {
      /** @description A token that the site’s own server signed: who the member is (JWT) */
      identity: string;
      /** @description Part of a name; everybody where it is empty */
      words: string;
    };
    BlockMemberDto: {
      /** @description A token that the site’s own server signed: who the member is (JWT) */
      identity: string;
      other: string;
      isBlocked: boolean;
    };
    ReportMemberDto: {
      /** @description A token that the site’s own server signed: who the member is (JWT) */
      identity: string;
      other: string;
      /** @description What is wrong, in words for the desk */
      reason: string;
    };
    MemberChatDto: {
      /** @description Whether members may write to each other */
      isOn: boolean;
    };
    ModerateDto: {
      /**
       * @description Settles the report, removes a message, keeps the member it is about from writing, or lets them again
       * @enum {string}
       */
      what: 'settle' | 'remove' | 'bar' | 'admit';
      /** @description The message that is removed; 0 for anything else */
      seq: number;
      report: string;
    };
    SavedReplyDto: {
      /** @description By which it is found: one word */
      name: string;
      /** @description {{name}} stands for the visitor’s name */
      text: string;
    };
    SubmissionDto: {
      /** @description Made by the page: 32 hexadecimal digits. Sent again with the same id, it is stored once. */
      id: string;
      widget: string;
      /** @description Path of the body that the visitor saw: its rules are the ones that count */
      body: string;
      /** @description The form element of the widget */
      form: string;
      /** @description What was entered, by field key */
      values: object;
      /** @description What stands in the field that visitors do not see */
      trap?: string;
      /** @description How long it took to fill in the form, ms */
      took?: number;
      /** @description A text for which SHA-256 of the id, a colon and this text begins with as many zero bits as are asked for: 12, or what an answer 428 says */
      work?: string;
      page: string;
      title: string;
    };
    CountedDto: {
      /** @enum {string} */
      type: 'shown' | 'closed' | 'submitted';
      widget: string;
    };
    EventsDto: {
      events: components['schemas']['CountedDto'][];
    };
    ChangePersonDto: {
      name?: string;
      /** @description All their tags */
      tags?: string[];
    };
    MergeDto: {
      /** @description The person of the site who goes into this one */
      other: string;
    };
    NewNoteDto: {
      text: string;
    };
    ChangeSubmissionsDto: {
      /** @description Submissions of the site */
      submissions: string[];
      /** @description Whether they have been read */
      read?: boolean;
      /** @description The member who takes them on; null for nobody */
      assignee?: string | null;
    };
    SomeSubmissionsDto: {
      /** @description Submissions of the site */
      submissions: string[];
    };
    AnswerDto: {
      subject: string;
      text: string;
    };
    ViewFilterDto: {
      words?: string;
      /** @description A widget */
      widget?: string;
      /** @enum {string} */
      unread?: 'true';
      /** @description A member, or `nobody` */
      assignee?: string;
    };
    ViewDto: {
      name: string;
      filter: components['schemas']['ViewFilterDto'];
      /** @description The fields that are shown as columns, by their keys */
      columns: string[];
    };
    NewLeadDto: {
      /** @description A person of the site */
      person: string;
      stage: string;
      title: string;
    };
    ChangeLeadDto: {
      /** @description The stage that it moves to */
      stage?: string;
      title?: string;
      /** @description What it is worth, in the smallest unit of its currency */
      units?: number | null;
      /** @description ISO 4217 */
      currency?: string;
      /** @description A member of the site */
      owner?: string | null;
      /** @description A day, such as 2026-12-24 */
      dueOn?: string | null;
    };
    StageDto: {
      /** @description Of a stage that there is; left out for a new one */
      id?: string;
      name: string;
      /** @enum {string} */
      outcome: 'open' | 'won' | 'lost';
    };
    StagesDto: {
      /** @description All stages, in their order; one that is left out is removed */
      stages: components['schemas']['StageDto'][];
    };
    NewInvoiceDto: {
      /** @description The person whom it is for */
      person: string;
    };
    PartyDto: {
      name: string;
      email: string;
      street: string;
      postcode: string;
      city: string;
      /** @description ISO 3166-1, two letters */
      country: string;
      /** @description The VAT number; empty where there is none */
      taxId: string;
    };
    LineDto: {
      name: string;
      /**
       * @description UN/ECE Recommendation 20
       * @enum {string}
       */
      unit: 'C62' | 'HUR' | 'DAY' | 'MON' | 'KMT' | 'LS';
      /** @description For one, without tax, in the smallest unit of the currency */
      price: number;
      /** @description Percent */
      rate: number;
      quantity: number;
    };
    InvoiceDto: {
      buyer: components['schemas']['PartyDto'];
      lines: components['schemas']['LineDto'][];
      /** @description ISO 4217 */
      currency: string;
      /** @description ISO 8601 */
      dueOn: string;
      note: string;
    };
    SendInvoiceDto: {
      /** @description What the mail says; what it always says where it is left out */
      text?: string;
    };
    PaidDto: {
      paid: boolean;
    };
    SellerDto: {
      name: string;
      email: string;
      street: string;
      postcode: string;
      city: string;
      /** @description ISO 3166-1, two letters */
      country: string;
      /** @description The VAT number; empty where there is none */
      taxId: string;
      /** @description Where it is paid to; empty where that is not said */
      iban: string;
      /** @description Why no tax is due, where a rate is 0 */
      exemption: string;
      /** @description The footer of each invoice */
      foot: string;
    };
    ItemDto: {
      name: string;
      /**
       * @description UN/ECE Recommendation 20
       * @enum {string}
       */
      unit: 'C62' | 'HUR' | 'DAY' | 'MON' | 'KMT' | 'LS';
      /** @description For one, without tax, in the smallest unit of the currency */
      price: number;
      /** @description Percent */
      rate: number;
    };
    InvoiceSettingsDto: {
      seller: components['schemas']['SellerDto'];
      /** @description The catalogue that lines are taken from */
      items: components['schemas']['ItemDto'][];
      /** @description How numbers are written: LO-{year}-{number:4} */
      series: string;
      /** @description The number that the next invoice gets */
      next: number;
      /** @description Days until an invoice is due */
      dueDays: number;
      /** @description ISO 4217 */
      currency: string;
    };
    ServiceDto: {
      /** @description Where the service takes requests */
      url: string;
      /** @description The key that the service knows the site by */
      key: string;
      /** @description What it signs its results with (Standard Webhooks), for one that sends any */
      signingKey?: string;
    };
    RepeatFailedDto: {
      /**
       * @description Said so that nobody repeats all of them by mistake
       * @enum {boolean}
       */
      all: true;
    };
    TriedActionDto: {
      /** @description The action, as the widget’s document has it */
      action: object;
    };
    BehaveDto: {
      /** @enum {string} */
      behaviour: 'ok' | 'fail' | 'slow' | 'gone';
    };
    TestMessengerDto: {
      /** @description Where it sends what people write; empty: nowhere */
      webhookUrl: string;
      /** @description The origins whose pages may lead to it */
      domains: string[];
      /**
       * @description How it behaves
       * @enum {string}
       */
      behaviour: 'works' | 'wrong signature' | 'down';
    };
    /** @description A refusal. Some carry more, such as `problems` with path and reason. */
    Problem: {
      statusCode: number;
      /** @description What was wrong and what to do, as a sentence. */
      message: string;
    };
    WebhookKey: {
      /** @description What the site’s webhooks are signed with (Standard Webhooks). */
      key: string;
      createdAt: number;
      previousUntil: number | null;
    };
    Session: {
      user: {
        name: string;
        email: string;
      } | null;
      /** @description Whether the demo account may be used. */
      demo: boolean;
      /** @description Whether nobody has an account yet. */
      setUp: boolean;
    };
    OwnSession: {
      id: string;
      createdAt: number;
      device: string;
      /** @description Whether it is the one that asks. */
      current: boolean;
    };
    /** @description How much they may interrupt together. */
    Policy: CorePolicy;
    Site: {
      id: string;
      /** @description Public: stands in the script tag. */
      key: string;
      name: string;
      /** @description Origins (RFC 6454) whose pages may show its widgets. */
      origins: string[];
      /** @description The zone of its clocks (IANA time zone database). */
      zone: string;
      policy: components['schemas']['Policy'];
      /** @description Words that hold a submission back as spam, in small letters. */
      unwantedWords: string[];
      seenAt: number | null;
      seenPage: string | null;
      archivedAt: number | null;
    };
    Members: {
      members: {
        id: string;
        name: string;
        email: string;
        /**
         * @description What somebody may do on a site: an owner also invites, removes and archives.
         * @enum {string}
         */
        role: 'owner' | 'member';
      }[];
      /** @description Those that are open. */
      invitations: {
        id: string;
        /**
         * @description What somebody may do on a site: an owner also invites, removes and archives.
         * @enum {string}
         */
        role: 'owner' | 'member';
        createdAt: number;
        expiresAt: number;
      }[];
    };
    NewInvitation: {
      /** @description Told this once. */
      link: string;
      expiresAt: number;
    };
    Invitation: {
      /** @description The site’s name. */
      site: string;
      /** @description Who invites. */
      by: string;
      /**
       * @description What somebody may do on a site: an owner also invites, removes and archives.
       * @enum {string}
       */
      role: 'owner' | 'member';
    };
    ListedWidget: {
      id: string;
      siteId: string;
      /** @description Its address name, unique on its site. */
      slug: string;
      /** @description Counts up with every save; an edit names the one it started from. */
      draftVersion: number;
      draftSavedAt: number;
      publishedNumber: number | null;
      /** @description Whether the draft has been edited since it was published. */
      changedSince: boolean;
      name: string;
      /** @enum {string} */
      kind: 'popup' | 'cta' | 'form' | 'countdown' | 'bar' | 'chat';
      /** @enum {string} */
      placement: 'centre' | 'corner' | 'side' | 'bar' | 'cover' | 'anchored' | 'inline' | 'page' | 'launcher';
      /** @description When, where and to whom it appears, as one sentence. */
      sentence: string;
      /** @description Whether it has a form, so that something can be sent. */
      collects: boolean;
      shown: number;
      submitted: number;
    };
    /** @description A whole widget, as /schema/widget.json describes it. */
    WidgetDocument: CoreWidgetDocument;
    Widget: {
      id: string;
      siteId: string;
      /** @description Its address name, unique on its site. */
      slug: string;
      /** @description Counts up with every save; an edit names the one it started from. */
      draftVersion: number;
      draftSavedAt: number;
      publishedNumber: number | null;
      /** @description Whether the draft has been edited since it was published. */
      changedSince: boolean;
      document: components['schemas']['WidgetDocument'];
    };
    /** @description A widget as pages load it: HTML, CSS, the rules of its forms. */
    CompiledWidget: CoreCompiledWidget;
    Version: {
      number: number;
      publishedAt: number;
      publishedBy: string;
      document: components['schemas']['WidgetDocument'];
      /** @description Whether visitors get it now. */
      live: boolean;
    };
    StoredPage: {
      id: string;
      address: string;
      title: string;
      /** @description What it says that it is, such as article. */
      types: string[];
      /** @description The inline widgets it has markers for. */
      markers: string[];
    };
    /** @description A form of a page as elements of a widget, and what of it could not be taken. */
    TakenForm: CoreTakenForm;
    Asset: {
      id: string;
      /** @enum {string} */
      kind: 'image' | 'video' | 'font' | 'document';
      name: string;
      /** @description As documents name it. */
      src: string;
      bytes: number;
      width: number | null;
      height: number | null;
      family: string | null;
      weight: string | null;
    };
    /** @description A site’s design: tokens, looks, fonts, words. */
    Brand: CoreBrand;
    LookUse: {
      /** @description Of the widget. */
      id: string;
      name: string;
      /** @description How many of its elements use the look. */
      times: number;
    };
    BrandPreview: {
      /** @description The widgets that look different. */
      touched: {
        id: string;
        name: string;
        published: boolean;
        before: components['schemas']['CompiledWidget'];
        after: components['schemas']['CompiledWidget'];
      }[];
      /** @description Tokens that go while a look or a widget still refers to them. */
      uses: {
        token: string;
        /** @description Who refers to it, in words. */
        name: string;
      }[];
    };
    /** @description What of a token file can be used, and what can’t and why. */
    TokenImport: CoreTokenImport;
    /** @description Colours, typefaces and corners found on a page, and the tokens proposed from them. */
    Proposal: CoreProposal;
    /** @description An element of a widget with all that it holds. */
    Branch: CoreBranch;
    ShelfPiece: {
      id: string;
      name: string;
      branch: components['schemas']['Branch'];
    };
    OwnStarter: {
      id: string;
      /** @enum {string} */
      purpose: 'gather' | 'sell' | 'announce' | 'ask' | 'book' | 'give' | 'members';
      /** @description One sentence: what it is for. */
      says: string;
      document: components['schemas']['WidgetDocument'];
    };
    /** @description When, where, to whom and how often a widget appears, as pages get it. */
    WidgetRules: CoreWidgetRules;
    Manifest: {
      widgets: (components['schemas']['WidgetRules'] & {
        /** @description The path of what is shown. */
        body: string;
        parts: (
          | 'showing'
          | 'anchor'
          | 'form'
          | 'checks'
          | 'file'
          | 'sending'
          | 'work'
          | 'basket'
          | 'chat'
          | 'members'
          | 'countdown'
          | 'own-choice'
          | 'signature'
          | 'raised'
          | 'copy'
          | 'turns'
          | 'signals'
          | 'page-types'
          | 'told'
          | 'why'
          | 'try'
        )[];
        /** @description What its content hashes to (Subresource Integrity). */
        integrity: string;
      })[];
      signals: ('scroll' | 'leave' | 'activity' | 'track' | 'element' | 'basket' | 'identify' | 'set')[];
      policy: components['schemas']['Policy'];
    };
    PlannedWidget: components['schemas']['WidgetRules'] & {
      name: string;
      /** @description Whether visitors get it, be it an older version. */
      published: boolean;
      /** @description Whether it stands on a page of its own, where no other is. */
      standalone: boolean;
      /** @description Whether it can be submitted. */
      hasForm: boolean;
    };
    Install: {
      connected: boolean;
      at: number | null;
      page: string | null;
    };
    Try: {
      /** @description Opens the page with the drafts on it, for who holds it. */
      link: string;
      expiresAt: number;
    };
    TriedManifest: {
      widgets: (components['schemas']['WidgetRules'] & {
        /** @description The path of what is shown. */
        body: string;
        parts: (
          | 'showing'
          | 'anchor'
          | 'form'
          | 'checks'
          | 'file'
          | 'sending'
          | 'work'
          | 'basket'
          | 'chat'
          | 'members'
          | 'countdown'
          | 'own-choice'
          | 'signature'
          | 'raised'
          | 'copy'
          | 'turns'
          | 'signals'
          | 'page-types'
          | 'told'
          | 'why'
          | 'try'
        )[];
      })[];
      signals: ('scroll' | 'leave' | 'activity' | 'track' | 'element' | 'basket' | 'identify' | 'set')[];
      policy: components['schemas']['Policy'];
    };
    CodePool: {
      pool: string;
      total: number;
      given: number;
    };
    AddedCodes: {
      added: number;
      total: number;
    };
    SignedStart: {
      /** @description To be sent with the wish for a code. */
      start: string;
      at: number;
    };
    GivenCode: {
      code: string;
    };
    StoredMessage: {
      id: string;
    };
    FollowedChat: {
      conversation: string | null;
      /** @enum {string} */
      state: 'none' | 'waiting' | 'open' | 'closed';
      /** @enum {string} */
      desk: 'here' | 'away' | 'closed';
      rating: number | null;
      /** @description Another whenever something has changed; sent with the next question. */
      mark: string;
      /** @description Who is writing just now on the other side; empty where nobody is. */
      typing: string;
      /** @description The last message that the other side has seen. */
      seen: number;
      /** @description Whether somebody is there on the other side. */
      isHere: boolean;
      /** @description What is told is all behind this message. */
      after: number;
      messages: {
        /** @description Its place in the conversation, from 1. */
        seq: number;
        id: string;
        /** @enum {string} */
        from: 'visitor' | 'desk' | 'note';
        name: string;
        text: string;
        at: number;
        file: {
          id: string;
          name: string;
          /** @description Its media type, read from its content. */
          type: string;
          bytes: number;
        } | null;
      }[];
    };
    ChatFile: {
      id: string;
      name: string;
      /** @description Its media type, read from its content. */
      type: string;
      bytes: number;
    };
    ListedConversation: {
      id: string;
      widget: {
        id: string;
        name: string;
      };
      /** @description The person, where one is known. */
      person: string | null;
      name: string;
      email: string;
      /** @description Who they are by a token that the site has signed; null where there is none. */
      identity: string | null;
      answers: {
        label: string;
        value: string;
      }[];
      /**
       * @description By which way they write.
       * @enum {string}
       */
      channel: 'page' | 'messenger';
      page: string;
      pageTitle: string;
      /** @enum {string} */
      state: 'waiting' | 'open' | 'closed';
      /** @description The member who has taken it on. */
      assignee: string | null;
      /** @description The group that it was handed to. */
      group: string | null;
      snoozedUntil: number | null;
      rating: number | null;
      ratingText: string;
      lead: string | null;
      tags: string[];
      last: {
        text: string;
        /** @enum {string} */
        from: 'visitor' | 'desk' | 'note';
        at: number;
        seq: number;
      };
      startedAt: number;
    };
    Happened: {
      /** @description How often something has happened; what is sent with the next question. */
      count: number;
      open: {
        /** @description Who is writing just now on the other side; empty where nobody is. */
        typing: string;
        /** @description The last message that the other side has seen. */
        seen: number;
        /** @description Whether somebody is there on the other side. */
        isHere: boolean;
        /** @description Another whenever something has changed; sent with the next question. */
        mark: string;
      } | null;
    };
    ChatReport: {
      conversations: number;
      answered: number;
      firstAnswer: number | null;
      longWait: number | null;
      length: number | null;
      rated: number;
      rating: number | null;
    };
    Conversation: {
      id: string;
      widget: {
        id: string;
        name: string;
      };
      /** @description The person, where one is known. */
      person: string | null;
      name: string;
      email: string;
      /** @description Who they are by a token that the site has signed; null where there is none. */
      identity: string | null;
      answers: {
        label: string;
        value: string;
      }[];
      /**
       * @description By which way they write.
       * @enum {string}
       */
      channel: 'page' | 'messenger';
      page: string;
      pageTitle: string;
      /** @enum {string} */
      state: 'waiting' | 'open' | 'closed';
      /** @description The member who has taken it on. */
      assignee: string | null;
      /** @description The group that it was handed to. */
      group: string | null;
      snoozedUntil: number | null;
      rating: number | null;
      ratingText: string;
      lead: string | null;
      tags: string[];
      last: {
        text: string;
        /** @enum {string} */
        from: 'visitor' | 'desk' | 'note';
        at: number;
        seq: number;
      };
      startedAt: number;
      /** @description The pages that they have seen since they wrote first, the last first. */
      journey: {
        page: string;
        title: string;
        at: number;
      }[];
      /** @description Why an answer has not gone out yet; null where all have. */
      undelivered: string | null;
      /** @description Who is writing just now on the other side; empty where nobody is. */
      typing: string;
      /** @description The last message that the other side has seen. */
      seen: number;
      /** @description Whether somebody is there on the other side. */
      isHere: boolean;
      /** @description What is told is all behind this message. */
      after: number;
      messages: {
        /** @description Its place in the conversation, from 1. */
        seq: number;
        id: string;
        /** @enum {string} */
        from: 'visitor' | 'desk' | 'note';
        name: string;
        text: string;
        at: number;
        file: {
          id: string;
          name: string;
          /** @description Its media type, read from its content. */
          type: string;
          bytes: number;
        } | null;
      }[];
    };
    MadeLead: {
      lead: string;
    };
    DeskGroups: {
      groups: {
        id: string;
        name: string;
        /** @description Members of the site, by their ids. */
        members: string[];
      }[];
    };
    IdentityKind: {
      /** @description null where members are not told apart. */
      algorithm: ('HS256' | 'EdDSA') | null;
    };
    MadeSecret: {
      /** @description null where none was made. */
      secret: string | null;
    };
    CheckedStep: {
      /** @enum {string} */
      step: 'address' | 'key' | 'webhook' | 'signature' | 'domains';
      works: boolean;
      /** @description What was found. */
      says: string;
      /** @description What to do about it; empty where it works. */
      todo: string;
    };
    FollowedMembers: {
      me: {
        id: string;
        name: string;
      };
      threads: {
        other: {
          id: string;
          name: string;
        };
        last: {
          /** @description Empty where it was removed. */
          text: string;
          isMine: boolean;
          at: number;
        };
        unread: number;
        /** @description Whether whoever asks has blocked them. */
        isBlocked: boolean;
      }[];
      /** @description What is told is all of the open thread behind this message. */
      after: number;
      messages: {
        seq: number;
        id: string;
        text: string;
        at: number;
        isMine: boolean;
        isRemoved: boolean;
      }[];
      /** @description Messages of the open thread, up to `after`, that the desk has removed. */
      removed: string[];
      /** @description Another whenever something has changed; sent with the next question. */
      mark: string;
    };
    FoundMembers: {
      members: {
        id: string;
        name: string;
      }[];
    };
    MemberChat: {
      /** @description Whether members may write to each other. */
      isOn: boolean;
      /** @description How many have been there. */
      members: number;
    };
    MemberReports: {
      reports: {
        id: string;
        reason: string;
        at: number;
        isSettled: boolean;
        by: {
          id: string;
          name: string;
        };
        about: {
          id: string;
          name: string;
          isBarred: boolean;
        };
        messages: {
          seq: number;
          text: string;
          at: number;
          /** @description Written by the member whom the report is about. */
          isAbout: boolean;
          isRemoved: boolean;
        }[];
      }[];
    };
    SavedReply: {
      id: string;
      name: string;
      text: string;
    };
    TakenSubmission: {
      id: string;
      /** @description The page that the visitor goes on to, such as that of a payment service. */
      next?: string;
      /** @description As whom the page now knows the visitor. */
      member?: {
        id: string;
        name: string;
      };
    };
    TakenFile: {
      id: string;
    };
    CountedEvents: {
      counted: number;
    };
    Delivery: {
      id: string;
      /** @description The kind of action. */
      type: string;
      /** @description To whom or where, as people read it. */
      target: string;
      /** @description What it is called, such as “Mail to desk@place.example”. */
      label: string;
      /** @enum {string} */
      state: 'waiting' | 'sent' | 'failed';
      attempts: number;
      /** @description When it is tried next. */
      dueAt: number;
      lastAt: number | null;
      lastError: string | null;
      written: {
        by: string;
        subject: string;
        text: string;
      } | null;
    };
    Payment: {
      id: string;
      /** @description In the smallest unit of the currency. */
      units: number;
      currency: string;
      /** @enum {string} */
      interval: 'once' | 'month';
      description: string;
      /** @enum {string} */
      state: 'open' | 'paid' | 'failed' | 'left' | 'refunded';
      /** @description Since when it stands so, ms. */
      since: number;
      trouble: string | null;
    };
    Submission: {
      id: string;
      /** @description As it was called then. */
      widget: {
        id: string;
        name: string;
        version: number;
      };
      person: {
        id: string;
        name: string;
        email: string;
        phone: string;
      } | null;
      /** @description With the labels that the visitor saw. */
      fields: {
        key: string;
        label: string;
        value: string;
        /** @description The same as data, where it is a number or several choices. */
        answer?: number | string[];
        /** @description A phone number as E.164, where it can be told. */
        phone?: string;
        files?: {
          id: string;
          name: string;
          type: string;
          bytes: number;
        }[];
        /**
         * @description It is a consent that was given, its value is what they agreed to.
         * @constant
         */
        consent?: true;
      }[];
      page: string;
      pageTitle: string;
      receivedAt: number;
      held: string[] | null;
      /** @description Whether somebody of the site has looked at it. */
      read: boolean;
      assignee: {
        id: string;
        name: string;
      } | null;
      deliveries: components['schemas']['Delivery'][];
      payment: components['schemas']['Payment'] | null;
    };
    SubmissionList: {
      /** @description How many match in all, as far as they are counted. */
      total: number;
      /** @description Whether there are more than were counted. */
      isMore: boolean;
      /** @description How many of the site nobody has looked at yet. */
      unread: number;
      /** @description How many of the site are held back as spam. */
      held: number;
      /** @description How many actions of the site have failed, and are not tried again by themselves. */
      failed: number;
      next: string | null;
      submissions: components['schemas']['Submission'][];
    };
    PersonList: {
      /** @description How many match in all. */
      total: number;
      next: string | null;
      /** @description Every tag of the site. */
      tags: string[];
      persons: {
        id: string;
        name: string;
        /** @description Empty where only a phone number is known. */
        email: string;
        /** @description As E.164; empty where none is known. */
        phone: string;
        tags: string[];
        firstAt: number;
        lastAt: number;
      }[];
    };
    Lead: {
      id: string;
      /** @description The id of its stage. */
      stage: string;
      title: string;
      units: number | null;
      currency: string;
      owner: string | null;
      dueOn: string | null;
      submission: string | null;
      createdAt: number;
      /** @description When it came into its stage. */
      movedAt: number;
    };
    Person: {
      id: string;
      name: string;
      /** @description Empty where only a phone number is known. */
      email: string;
      /** @description As E.164; empty where none is known. */
      phone: string;
      tags: string[];
      firstAt: number;
      lastAt: number;
      lists: {
        id: string;
        name: string;
        /** @enum {string} */
        state: 'pending' | 'confirmed' | 'unsubscribed';
        since: number;
      }[];
      leads: components['schemas']['Lead'][];
      /** @description Their other e-mail addresses. */
      aliases: string[];
      /** @description Who may be the same person: they have the same phone number. */
      same: {
        id: string;
        name: string;
        email: string;
      }[];
      /** @description What they sent and were sent, lists, leads and notes, the last first. */
      timeline: (
        | {
            id: string;
            at: number;
            /** @constant */
            kind: 'submission';
            text: string;
          }
        | {
            id: string;
            at: number;
            /** @constant */
            kind: 'conversation';
            text: string;
          }
        | {
            id: string;
            at: number;
            /** @constant */
            kind: 'mail';
            text: string;
            state: string;
          }
        | {
            id: string;
            at: number;
            /** @constant */
            kind: 'list';
            text: string;
            /** @enum {string} */
            event: 'asked' | 'confirmed' | 'unsubscribed' | 'imported';
          }
        | {
            id: string;
            at: number;
            /** @constant */
            kind: 'lead';
            text: string;
            stage: string;
          }
        | {
            id: string;
            at: number;
            /** @constant */
            kind: 'payment';
            text: string;
            units: number;
            currency: string;
            /** @enum {string} */
            state: 'open' | 'paid' | 'failed' | 'left' | 'refunded';
          }
        | {
            id: string;
            at: number;
            /** @constant */
            kind: 'merge';
            text: string;
            /** @description Whether it can be undone. */
            isLast: boolean;
          }
        | {
            id: string;
            at: number;
            /** @constant */
            kind: 'invoice';
            text: string;
            /** @enum {string} */
            what: 'issued' | 'sent' | 'paid';
          }
        | {
            id: string;
            at: number;
            /** @constant */
            kind: 'note';
            text: string;
            by: string | null;
          }
      )[];
    };
    OlderSubmissions: {
      older: number;
      all: number;
    };
    ChangedSubmissions: {
      /** @description How many of them there were. */
      changed: number;
    };
    SubmissionView: {
      id: string;
      name: string;
      filter: {
        words?: string;
        widget?: string;
        /** @enum {string} */
        unread?: 'true';
        /** @description A member, or `nobody`. */
        assignee?: string;
      };
      /** @description The fields shown as columns, by their keys. */
      columns: string[];
    };
    SearchHits: {
      /** @description By kind, the newest of each first; eight of each at most. */
      hits: {
        /** @enum {string} */
        kind: 'person' | 'submission' | 'conversation' | 'note' | 'lead' | 'invoice';
        id: string;
        /** @description What it opens: a submission, an invoice, or the person of any other. */
        target: string;
        title: string;
        /** @description Its text around what was found. */
        pieces: {
          text: string;
          isFound: boolean;
        }[];
        at: number;
      }[];
    };
    MailingList: {
      id: string;
      name: string;
      createdAt: number;
      counts: {
        pending: number;
        confirmed: number;
        unsubscribed: number;
      };
    };
    ListEntry: {
      person: {
        id: string;
        name: string;
        email: string;
      };
      /** @enum {string} */
      state: 'pending' | 'confirmed' | 'unsubscribed';
      since: number;
      /** @description All that happened, the first first. */
      events: {
        /** @enum {string} */
        kind: 'asked' | 'confirmed' | 'unsubscribed' | 'imported';
        at: number;
        page: string;
        /** @description What they agreed to, as they saw it. */
        words: string;
        submission: string | null;
      }[];
    };
    ListEntries: {
      next: string | null;
      entries: components['schemas']['ListEntry'][];
    };
    ImportedPeople: {
      rows: number;
      added: number;
      /** @description Were on the list before, or are in the file twice. */
      already: number;
      /** @description Have left the list, and are not put on it by others. */
      suppressed: number;
      broken: number;
      /** @description The first of those that can’t be read. */
      problems: {
        row: number;
        reason: string;
      }[];
    };
    Board: {
      stages: {
        id: string;
        name: string;
        /** @enum {string} */
        outcome: 'open' | 'won' | 'lost';
      }[];
      /** @description Who can own a lead. */
      members: {
        id: string;
        name: string;
      }[];
      /** @description Those that moved last first; the newest thousand. */
      leads: {
        id: string;
        /** @description The id of its stage. */
        stage: string;
        title: string;
        units: number | null;
        currency: string;
        owner: string | null;
        dueOn: string | null;
        submission: string | null;
        createdAt: number;
        /** @description When it came into its stage. */
        movedAt: number;
        person: {
          id: string;
          name: string;
          email: string;
          phone: string;
        };
      }[];
    };
    Invoice: {
      id: string;
      person: string | null;
      number: string | null;
      buyer: {
        name: string;
        email: string;
        street: string;
        postcode: string;
        city: string;
        country: string;
        taxId: string;
      };
      lines: {
        name: string;
        /** @enum {string} */
        unit: 'C62' | 'HUR' | 'DAY' | 'MON' | 'KMT' | 'LS';
        /** @description For one, without tax, in the smallest unit of the currency. */
        price: number;
        /** @description Percent. */
        rate: number;
        quantity: number;
      }[];
      currency: string;
      issuedOn: string | null;
      dueOn: string;
      note: string;
      createdAt: number;
      sentAt: number | null;
      paidAt: number | null;
    };
    InvoiceSettings: {
      seller: {
        name: string;
        email: string;
        street: string;
        postcode: string;
        city: string;
        country: string;
        taxId: string;
        iban: string;
        exemption: string;
        foot: string;
      };
      items: {
        name: string;
        /** @enum {string} */
        unit: 'C62' | 'HUR' | 'DAY' | 'MON' | 'KMT' | 'LS';
        /** @description For one, without tax, in the smallest unit of the currency. */
        price: number;
        /** @description Percent. */
        rate: number;
      }[];
      series: string;
      next: number;
      dueDays: number;
      currency: string;
    };
    Sheet: {
      id: string;
      name: string;
      rows: number;
      /** @description The secret address that spreadsheet programs import from, as CSV; with .xlsx at its end as XLSX. */
      address: string;
    };
    SheetRows: {
      columns: {
        key: string;
        label: string;
      }[];
      /** @description The newest first. */
      rows: {
        number: number;
        at: number;
        cells: {
          [key: string]: string | number;
        };
      }[];
    };
    Service: {
      url: string | null;
      /** @description It is the stand-in of this server. */
      isTest: boolean;
      resultUrl: string | null;
    };
    Raised: {
      /** @description In the smallest unit of the currency. */
      units: number;
      payments: number;
    };
    RepeatedDeliveries: {
      /** @description How many there were. */
      repeated: number;
    };
    RepeatedDelivery: {
      id: string;
      /** @enum {string} */
      state: 'waiting' | 'sent' | 'failed';
    };
    ActionPreview: {
      /** @description Whether the answers are made up: nobody has sent the form yet. */
      isSample: boolean;
      mails: {
        to: string;
        subject: string;
        text: string;
        html: string;
      }[];
    };
    TestedAction: {
      /** @description To whom or where it went. */
      to: string;
    };
    Mail: {
      id: string;
      sender: string;
      recipients: string[];
      subject: string;
      receivedAt: number;
    };
    WholeMail: {
      id: string;
      sender: string;
      recipients: string[];
      subject: string;
      receivedAt: number;
      text: string;
      /** @description The same as HTML; empty where it has none. */
      html: string;
      attachments: {
        name: string;
        type: string;
        /** @description What it says, where it is a text. */
        text: string;
      }[];
      headers: {
        name: string;
        value: string;
      }[];
    };
    TestWebhooks: {
      url: string | null;
      /** @description What it answers: ok, fail, slow or gone. */
      behaviour: string;
      calls: {
        /** @description The same for each try of one delivery. */
        id: string;
        body: string;
        /** @description Whether its signature is the site’s. */
        genuine: boolean;
        /** @description How often it came. */
        times: number;
        /** @description The last answer, as an HTTP status. */
        answered: number;
        lastAt: number;
      }[];
    };
    TestPayments: {
      url: string | null;
      sessions: {
        id: string;
        description: string;
        /** @description In the smallest unit of the currency. */
        units: number;
        currency: string;
        /** @enum {string} */
        interval: 'once' | 'month';
        /** @enum {string} */
        status: 'open' | 'paid' | 'failed' | 'left' | 'refunded';
        /** @description Whether the site has taken the result. */
        told: boolean;
        at: number;
      }[];
    };
    TestMembers: {
      url: string | null;
      /** @description A member whom every site has. */
      first: {
        email: string;
        password: string;
      };
      members: {
        id: string;
        name: string;
        email: string;
        at: number;
      }[];
    };
    TestMessenger: {
      url: string | null;
      /** @description The page on which people write. */
      link: string;
      webhookUrl: string;
      domains: string[];
      /** @enum {string} */
      behaviour: 'works' | 'wrong signature' | 'down';
      texts: {
        id: string;
        /** @description Of whoever writes; empty for an answer of the site. */
        name: string;
        text: string;
        /** @description Whether it has been taken by the other side. */
        told: boolean;
        at: number;
      }[];
    };
    Health: {
      /** @enum {string} */
      status: 'ok' | 'failing';
      version: string;
      /** @description `ok`, or what is wrong with it. */
      database: string;
    };
  };
  responses: never;
  parameters: never;
  requestBodies: never;
  headers: never;
  pathItems: never;
}
export type $defs = Record<string, never>;
export interface operations {
  WebhooksController_read: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        site: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['WebhookKey'];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  WebhooksController_rotate: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        site: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['RotateDto'];
      };
    };
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['WebhookKey'];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  AccountsController_current: {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Session'];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  AccountsController_signIn: {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['SignInDto'];
      };
    };
    responses: {
      /** @description Done; nothing more is told */
      204: {
        headers: {
          [name: string]: unknown;
        };
        content?: never;
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  AccountsController_signOut: {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done; nothing more is told */
      204: {
        headers: {
          [name: string]: unknown;
        };
        content?: never;
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  AccountsController_signInToDemo: {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done; nothing more is told */
      204: {
        headers: {
          [name: string]: unknown;
        };
        content?: never;
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  AccountsController_setUp: {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['SetUpDto'];
      };
    };
    responses: {
      /** @description Done; nothing more is told */
      204: {
        headers: {
          [name: string]: unknown;
        };
        content?: never;
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  AccountsController_askReset: {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['AskResetDto'];
      };
    };
    responses: {
      /** @description Done; nothing more is told */
      204: {
        headers: {
          [name: string]: unknown;
        };
        content?: never;
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  AccountsController_reset: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        token: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['ResetDto'];
      };
    };
    responses: {
      /** @description Done; nothing more is told */
      204: {
        headers: {
          [name: string]: unknown;
        };
        content?: never;
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  AccountController_rename: {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['RenameDto'];
      };
    };
    responses: {
      /** @description Done; nothing more is told */
      204: {
        headers: {
          [name: string]: unknown;
        };
        content?: never;
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  AccountController_changePassword: {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['ChangePasswordDto'];
      };
    };
    responses: {
      /** @description Done; nothing more is told */
      204: {
        headers: {
          [name: string]: unknown;
        };
        content?: never;
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  AccountController_sessions: {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['OwnSession'][];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  AccountController_endSession: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        session: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done; nothing more is told */
      204: {
        headers: {
          [name: string]: unknown;
        };
        content?: never;
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  SitesController_list: {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Site'][];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  SitesController_create: {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['CreateSiteDto'];
      };
    };
    responses: {
      /** @description Done */
      201: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Site'];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  SitesController_read: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        site: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Site'];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  SitesController_change: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        site: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['ChangeSiteDto'];
      };
    };
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Site'];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  SitesController_seenPages: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        site: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': string[];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  MembersController_list: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        site: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Members'];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  MembersController_remove: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        site: string;
        member: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done; nothing more is told */
      204: {
        headers: {
          [name: string]: unknown;
        };
        content?: never;
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  MembersController_change: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        site: string;
        member: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['RoleDto'];
      };
    };
    responses: {
      /** @description Done; nothing more is told */
      204: {
        headers: {
          [name: string]: unknown;
        };
        content?: never;
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  MembersController_invite: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        site: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['RoleDto'];
      };
    };
    responses: {
      /** @description Done */
      201: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['NewInvitation'];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  MembersController_withdraw: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        site: string;
        invitation: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done; nothing more is told */
      204: {
        headers: {
          [name: string]: unknown;
        };
        content?: never;
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  InvitationsController_read: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        token: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Invitation'];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  InvitationsController_accept: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        token: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['NewAccountDto'];
      };
    };
    responses: {
      /** @description Done; nothing more is told */
      204: {
        headers: {
          [name: string]: unknown;
        };
        content?: never;
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  InvitationsController_join: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        token: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done; nothing more is told */
      204: {
        headers: {
          [name: string]: unknown;
        };
        content?: never;
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  WidgetsController_list: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        site: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['ListedWidget'][];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  WidgetsController_create: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        site: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['CreateWidgetDto'];
      };
    };
    responses: {
      /** @description Done */
      201: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Widget'];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  WidgetsController_read: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        widget: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Widget'];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  WidgetsController_remove: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        widget: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done; nothing more is told */
      204: {
        headers: {
          [name: string]: unknown;
        };
        content?: never;
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  WidgetsController_preview: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        widget: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['CompiledWidget'];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  WidgetsController_save: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        widget: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['SaveDraftDto'];
      };
    };
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Widget'];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  WidgetsController_publish: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        widget: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['BaseDto'];
      };
    };
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Widget'];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  WidgetsController_copy: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        widget: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['CopyWidgetDto'];
      };
    };
    responses: {
      /** @description Done */
      201: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Widget'];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  WidgetsController_unpublish: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        widget: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done; nothing more is told */
      204: {
        headers: {
          [name: string]: unknown;
        };
        content?: never;
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  WidgetsController_versions: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        widget: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Version'][];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  WidgetsController_restore: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        widget: string;
        number: number;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['BaseDto'];
      };
    };
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Widget'];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  WidgetsController_bringBack: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        widget: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done; nothing more is told */
      204: {
        headers: {
          [name: string]: unknown;
        };
        content?: never;
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  PagesController_list: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        site: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['StoredPage'][];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  PagesController_store: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        site: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['StorePageDto'];
      };
    };
    responses: {
      /** @description Done */
      201: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['StoredPage'];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  PagesController_fetch: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        site: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['FetchPageDto'];
      };
    };
    responses: {
      /** @description Done */
      201: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['StoredPage'];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  PagesController_forms: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        site: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['PageSourceDto'];
      };
    };
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['TakenForm'][];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  PagesController_read: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        page: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'text/html': string;
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  AssetsController_list: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        site: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Asset'][];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  AssetsController_upload: {
    parameters: {
      query: {
        /** @description What the file is called */
        name: string;
      };
      header?: never;
      path: {
        site: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done */
      201: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Asset'];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  AssetsController_remove: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        site: string;
        asset: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done; nothing more is told */
      204: {
        headers: {
          [name: string]: unknown;
        };
        content?: never;
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  BrandController_read: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        site: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Brand'];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  BrandController_save: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        site: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['SaveBrandDto'];
      };
    };
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Brand'];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  BrandController_looks: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        site: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': {
            [key: string]: components['schemas']['LookUse'][];
          };
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  BrandController_preview: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        site: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['SaveBrandDto'];
      };
    };
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['BrandPreview'];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  BrandController_tokens: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        site: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['TokensFileDto'];
      };
    };
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['TokenImport'];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  BrandController_propose: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        site: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['PageSourceDto'];
      };
    };
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Proposal'];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  LibraryController_list: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        site: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['ShelfPiece'][];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  LibraryController_keep: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        site: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['KeepDto'];
      };
    };
    responses: {
      /** @description Done */
      201: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['ShelfPiece'];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  LibraryController_remove: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        site: string;
        item: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done; nothing more is told */
      204: {
        headers: {
          [name: string]: unknown;
        };
        content?: never;
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  LibraryController_starters: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        site: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['OwnStarter'][];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  LibraryController_keepStarter: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        site: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['KeepStarterDto'];
      };
    };
    responses: {
      /** @description Done */
      201: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['OwnStarter'];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  LibraryController_removeStarter: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        site: string;
        starter: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done; nothing more is told */
      204: {
        headers: {
          [name: string]: unknown;
        };
        content?: never;
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  HostedController_page: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        key: string;
        slug: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'text/html': string;
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  HostedController_window: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        key: string;
        id: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'text/html': string;
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  HostedController_file: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        widget: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'text/html': string;
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  HostedController_font: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        file: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'font/woff2': string;
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  ServingController_types: {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/typescript': string;
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  ServingController_plainScript: {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'text/javascript': string;
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  ServingController_script: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        key: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'text/javascript': string;
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  ServingController_aloneScript: {
    parameters: {
      query?: {
        /** @description Whether the window’s name counts for nothing */
        fresh?: 'true';
      };
      header?: never;
      path: {
        key: string;
        id: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'text/javascript': string;
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  ServingController_manifest: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        key: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Manifest'];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  ServingController_body: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        hash: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['CompiledWidget'];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  ServingController_schema: {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/schema+json': Record<string, never>;
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  ServingController_rehearsed: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        site: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Manifest'];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  ServingController_rules: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        site: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['PlannedWidget'][];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  ServingController_install: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        site: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Install'];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  TriesController_make: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        site: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['MakeTryDto'];
      };
    };
    responses: {
      /** @description Done */
      201: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Try'];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  TriesController_manifest: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        token: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['TriedManifest'];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  TriesController_body: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        token: string;
        widget: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['CompiledWidget'];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  CodesController_list: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        site: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['CodePool'][];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  CodesController_add: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        site: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['AddCodesDto'];
      };
    };
    responses: {
      /** @description Done */
      201: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['AddedCodes'];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  CodesController_remove: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        site: string;
        pool: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done; nothing more is told */
      204: {
        headers: {
          [name: string]: unknown;
        };
        content?: never;
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  VisitorCodesController_start: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        key: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['StartDto'];
      };
    };
    responses: {
      /** @description Done */
      201: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['SignedStart'];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  VisitorCodesController_give: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        key: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['AskCodeDto'];
      };
    };
    responses: {
      /** @description Done */
      201: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['GivenCode'];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  FilesController_read: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        site: string;
        file: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/octet-stream': string;
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  VisitorChatController_say: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        key: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['VisitorMessageDto'];
      };
    };
    responses: {
      /** @description Done */
      202: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['StoredMessage'];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  VisitorChatController_follow: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        key: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['FollowDto'];
      };
    };
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['FollowedChat'];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  VisitorChatController_types: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        key: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['VisitorDto'];
      };
    };
    responses: {
      /** @description Done; nothing more is told */
      204: {
        headers: {
          [name: string]: unknown;
        };
        content?: never;
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  VisitorChatController_end: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        key: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['VisitorDto'];
      };
    };
    responses: {
      /** @description Done; nothing more is told */
      204: {
        headers: {
          [name: string]: unknown;
        };
        content?: never;
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  VisitorChatController_forget: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        key: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['VisitorDto'];
      };
    };
    responses: {
      /** @description Done; nothing more is told */
      204: {
        headers: {
          [name: string]: unknown;
        };
        content?: never;
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  VisitorChatController_rate: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        key: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['RateDto'];
      };
    };
    responses: {
      /** @description Done; nothing more is told */
      204: {
        headers: {
          [name: string]: unknown;
        };
        content?: never;
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  VisitorChatController_transcript: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        key: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['VisitorDto'];
      };
    };
    responses: {
      /** @description Done; nothing more is told */
      204: {
        headers: {
          [name: string]: unknown;
        };
        content?: never;
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  VisitorChatController_file: {
    parameters: {
      query: {
        widget: string;
        /** @description What it is called */
        name: string;
      };
      header?: never;
      path: {
        key: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done */
      202: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['ChatFile'];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  VisitorChatController_read: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        key: string;
        file: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/octet-stream': string;
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  DeskController_all: {
    parameters: {
      query: {
        state: 'going' | 'snoozed' | 'closed';
      };
      header?: never;
      path: {
        site: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['ListedConversation'][];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  DeskController_happening: {
    parameters: {
      query?: {
        /** @description The last count that is known; without one it is answered at once */
        since?: number;
        /** @description The conversation that is open */
        open?: string;
        /** @description The mark of it in the last answer */
        mark?: string;
        /** @description The last message of it that has been looked at */
        seen?: number;
        /** @description Whether whoever asks is away: visitors are told that nobody is there */
        away?: boolean;
      };
      header?: never;
      path: {
        site: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Happened'];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  DeskController_report: {
    parameters: {
      query: {
        /** @description Of so many days, up to now */
        days: number;
      };
      header?: never;
      path: {
        site: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['ChatReport'];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  DeskController_file: {
    parameters: {
      query: {
        /** @description What it is called */
        name: string;
      };
      header?: never;
      path: {
        site: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done */
      202: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['ChatFile'];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  DeskController_one: {
    parameters: {
      query?: {
        /** @description The last message that is known */
        after?: number;
      };
      header?: never;
      path: {
        site: string;
        conversation: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Conversation'];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  DeskController_change: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        site: string;
        conversation: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['ChangeConversationDto'];
      };
    };
    responses: {
      /** @description Done; nothing more is told */
      204: {
        headers: {
          [name: string]: unknown;
        };
        content?: never;
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  DeskController_earlier: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        site: string;
        conversation: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['ListedConversation'][];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  DeskController_transcript: {
    parameters: {
      query?: {
        as?: 'text' | 'json';
      };
      header?: never;
      path: {
        site: string;
        conversation: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'text/plain': string;
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  DeskController_say: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        site: string;
        conversation: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['DeskMessageDto'];
      };
    };
    responses: {
      /** @description Done */
      202: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['StoredMessage'];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  DeskController_types: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        site: string;
        conversation: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done; nothing more is told */
      204: {
        headers: {
          [name: string]: unknown;
        };
        content?: never;
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  DeskController_lead: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        site: string;
        conversation: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done */
      201: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['MadeLead'];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  DeskGroupsController_read: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        site: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['DeskGroups'];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  DeskGroupsController_set: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        site: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['DeskGroupsDto'];
      };
    };
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['DeskGroups'];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  IdentityController_read: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        site: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['IdentityKind'];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  IdentityController_set: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        site: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['IdentityKeyDto'];
      };
    };
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['MadeSecret'];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  IdentityController_clear: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        site: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done; nothing more is told */
      204: {
        headers: {
          [name: string]: unknown;
        };
        content?: never;
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  BridgeController_go: {
    parameters: {
      query: {
        /** @description The chat that the visitor came from */
        widget: string;
        /** @description The page that the visitor came from */
        page?: string;
      };
      header?: never;
      path: {
        key: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'text/html': string;
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  BridgeController_take: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        key: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done; nothing more is told */
      204: {
        headers: {
          [name: string]: unknown;
        };
        content?: never;
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  ChecksController_check: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        site: string;
        step: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['CheckedStep'];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  MemberChatController_follow: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        key: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['FollowMembersDto'];
      };
    };
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['FollowedMembers'];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  MemberChatController_say: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        key: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['SayToMemberDto'];
      };
    };
    responses: {
      /** @description Done */
      202: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['StoredMessage'];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  MemberChatController_find: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        key: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['FindMembersDto'];
      };
    };
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['FoundMembers'];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  MemberChatController_block: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        key: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['BlockMemberDto'];
      };
    };
    responses: {
      /** @description Done; nothing more is told */
      204: {
        headers: {
          [name: string]: unknown;
        };
        content?: never;
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  MemberChatController_report: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        key: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['ReportMemberDto'];
      };
    };
    responses: {
      /** @description Done; nothing more is told */
      204: {
        headers: {
          [name: string]: unknown;
        };
        content?: never;
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  ModerationController_read: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        site: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['MemberChat'];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  ModerationController_turn: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        site: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['MemberChatDto'];
      };
    };
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['MemberChat'];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  ModerationController_reports: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        site: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['MemberReports'];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  ModerationController_moderate: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        site: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['ModerateDto'];
      };
    };
    responses: {
      /** @description Done; nothing more is told */
      204: {
        headers: {
          [name: string]: unknown;
        };
        content?: never;
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  RepliesController_all: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        site: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['SavedReply'][];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  RepliesController_save: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        site: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['SavedReplyDto'];
      };
    };
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['SavedReply'];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  RepliesController_remove: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        site: string;
        reply: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done; nothing more is told */
      204: {
        headers: {
          [name: string]: unknown;
        };
        content?: never;
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  CollectController_submit: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        key: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['SubmissionDto'];
      };
    };
    responses: {
      /** @description Done */
      202: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['TakenSubmission'];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  CollectController_file: {
    parameters: {
      query: {
        widget: string;
        /** @description Path of the body that the visitor sees: its rules are the ones that count */
        body: string;
        /** @description The form element of the widget */
        form: string;
        /** @description The field name */
        field: string;
        /** @description What the file is called where it comes from */
        name: string;
      };
      header?: never;
      path: {
        key: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done */
      202: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['TakenFile'];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  CollectController_events: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        key: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['EventsDto'];
      };
    };
    responses: {
      /** @description Done */
      202: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['CountedEvents'];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  HeldController_release: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        site: string;
        submission: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['TakenFile'];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  PeopleController_list: {
    parameters: {
      query?: {
        /** @description Words to look for in what was sent, and on which page */
        words?: string;
        /** @description Only of this widget */
        widget?: string;
        /** @description `true` for those that are held back as spam, instead of the others */
        held?: string;
        /** @description `true` for those that nobody has looked at yet */
        unread?: string;
        /** @description Only those that this member has taken on; `nobody` for those that are free */
        assignee?: string;
        /** @description Only those received at this time or later, ms since 1970 */
        since?: number;
        /** @description Only those received before this time, ms since 1970 */
        until?: number;
        /** @description Only those after this place in the list: `next` of the page before */
        after?: string;
        limit?: number;
      };
      header?: never;
      path: {
        site: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['SubmissionList'];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  PeopleController_csv: {
    parameters: {
      query?: {
        /** @description Words to look for in what was sent, and on which page */
        words?: string;
        /** @description Only of this widget */
        widget?: string;
        /** @description `true` for those that are held back as spam, instead of the others */
        held?: string;
        /** @description `true` for those that nobody has looked at yet */
        unread?: string;
        /** @description Only those that this member has taken on; `nobody` for those that are free */
        assignee?: string;
        /** @description Only those received at this time or later, ms since 1970 */
        since?: number;
        /** @description Only those received before this time, ms since 1970 */
        until?: number;
      };
      header?: never;
      path: {
        site: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'text/csv': string;
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  PeopleController_read: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        site: string;
        submission: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Submission'];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  PersonsController_list: {
    parameters: {
      query?: {
        /** @description Part of a name or an address */
        words?: string;
        /** @description Only those with this tag */
        tag?: string;
        /** @description Only those after this place in the list: `next` of the page before */
        after?: string;
        limit?: number;
      };
      header?: never;
      path: {
        site: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['PersonList'];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  PersonsController_read: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        site: string;
        person: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Person'];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  PersonsController_erase: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        site: string;
        person: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done; nothing more is told */
      204: {
        headers: {
          [name: string]: unknown;
        };
        content?: never;
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  PersonsController_change: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        site: string;
        person: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['ChangePersonDto'];
      };
    };
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Person'];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  PersonsController_everything: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        site: string;
        person: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': Record<string, never>;
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  PersonsController_merge: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        site: string;
        person: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['MergeDto'];
      };
    };
    responses: {
      /** @description Done */
      201: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Person'];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  PersonsController_part: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        site: string;
        person: string;
        merge: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Person'];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  PersonsController_note: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        site: string;
        person: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['NewNoteDto'];
      };
    };
    responses: {
      /** @description Done */
      201: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Person'];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  PersonsController_removeNote: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        site: string;
        person: string;
        note: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done; nothing more is told */
      204: {
        headers: {
          [name: string]: unknown;
        };
        content?: never;
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  PersonsExportController_csv: {
    parameters: {
      query?: {
        /** @description Part of a name or an address */
        words?: string;
        /** @description Only those with this tag */
        tag?: string;
      };
      header?: never;
      path: {
        site: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'text/csv': string;
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  PersonsExportController_vcards: {
    parameters: {
      query?: {
        /** @description Part of a name or an address */
        words?: string;
        /** @description Only those with this tag */
        tag?: string;
      };
      header?: never;
      path: {
        site: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'text/vcard': string;
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  PersonsExportController_whole: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        site: string;
        person: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/zip': string;
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  RetentionController_older: {
    parameters: {
      query: {
        /** @description Days that submissions would be kept */
        days: number;
      };
      header?: never;
      path: {
        widget: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['OlderSubmissions'];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  InboxController_change: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        site: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['ChangeSubmissionsDto'];
      };
    };
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['ChangedSubmissions'];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  InboxController_remove: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        site: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['SomeSubmissionsDto'];
      };
    };
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['ChangedSubmissions'];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  InboxController_answer: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        site: string;
        submission: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['AnswerDto'];
      };
    };
    responses: {
      /** @description Done; nothing more is told */
      204: {
        headers: {
          [name: string]: unknown;
        };
        content?: never;
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  InboxController_all: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        site: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['SubmissionView'][];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  InboxController_create: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        site: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['ViewDto'];
      };
    };
    responses: {
      /** @description Done */
      201: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['SubmissionView'];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  InboxController_save: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        site: string;
        view: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['ViewDto'];
      };
    };
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['SubmissionView'];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  InboxController_drop: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        site: string;
        view: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done; nothing more is told */
      204: {
        headers: {
          [name: string]: unknown;
        };
        content?: never;
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  SearchController_find: {
    parameters: {
      query: {
        /** @description Words that each have to be there, or a longer one that begins so */
        words: string;
      };
      header?: never;
      path: {
        site: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['SearchHits'];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  ListsController_all: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        site: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['MailingList'][];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  ListsController_entries: {
    parameters: {
      query?: {
        /** @description Only those that stand so to the list */
        state?: 'pending' | 'confirmed' | 'unsubscribed';
        /** @description Part of a name or an address */
        words?: string;
        /** @description Only those after this place in the list: `next` of the page before */
        after?: string;
        limit?: number;
      };
      header?: never;
      path: {
        site: string;
        list: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['ListEntries'];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  ListsController_import: {
    parameters: {
      query: {
        /** @description Where and how they have agreed */
        words: string;
        /** @description Only says what it would do */
        dry?: 'true';
      };
      header?: never;
      path: {
        site: string;
        list: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['ImportedPeople'];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  ListsController_csv: {
    parameters: {
      query?: {
        /** @description Only those that stand so to the list */
        state?: 'pending' | 'confirmed' | 'unsubscribed';
        /** @description Part of a name or an address */
        words?: string;
      };
      header?: never;
      path: {
        site: string;
        list: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'text/csv': string;
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  LinksController_confirmPage: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        key: string;
        token: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'text/html': string;
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  LinksController_confirm: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        key: string;
        token: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'text/html': string;
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  LinksController_unsubscribePage: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        key: string;
        token: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'text/html': string;
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  LinksController_unsubscribe: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        key: string;
        token: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'text/html': string;
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  LeadsController_board: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        site: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Board'];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  LeadsController_create: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        site: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['NewLeadDto'];
      };
    };
    responses: {
      /** @description Done */
      201: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Lead'];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  LeadsController_remove: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        site: string;
        lead: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done; nothing more is told */
      204: {
        headers: {
          [name: string]: unknown;
        };
        content?: never;
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  LeadsController_change: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        site: string;
        lead: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['ChangeLeadDto'];
      };
    };
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Lead'];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  LeadsController_setStages: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        site: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['StagesDto'];
      };
    };
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': {
            id: string;
            name: string;
            /** @enum {string} */
            outcome: 'open' | 'won' | 'lost';
          }[];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  InvoicesController_list: {
    parameters: {
      query?: {
        /** @description Those of one person */
        person?: string;
      };
      header?: never;
      path: {
        site: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Invoice'][];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  InvoicesController_draft: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        site: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['NewInvoiceDto'];
      };
    };
    responses: {
      /** @description Done */
      201: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Invoice'];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  InvoicesController_read: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        site: string;
        invoice: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Invoice'];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  InvoicesController_change: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        site: string;
        invoice: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['InvoiceDto'];
      };
    };
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Invoice'];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  InvoicesController_drop: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        site: string;
        invoice: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done; nothing more is told */
      204: {
        headers: {
          [name: string]: unknown;
        };
        content?: never;
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  InvoicesController_issue: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        site: string;
        invoice: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Invoice'];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  InvoicesController_send: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        site: string;
        invoice: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['SendInvoiceDto'];
      };
    };
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Invoice'];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  InvoicesController_setPaid: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        site: string;
        invoice: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['PaidDto'];
      };
    };
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Invoice'];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  InvoicesController_pdf: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        site: string;
        invoice: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/pdf': string;
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  InvoicesController_xml: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        site: string;
        invoice: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/xml': string;
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  InvoicesController_settings: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        site: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['InvoiceSettings'];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  InvoicesController_setSettings: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        site: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['InvoiceSettingsDto'];
      };
    };
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['InvoiceSettings'];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  SheetsController_all: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        site: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Sheet'][];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  SheetsController_rows: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        site: string;
        sheet: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['SheetRows'];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  SheetsController_renewAddress: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        site: string;
        sheet: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': {
            address: string;
          };
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  SheetsController_xlsx: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        site: string;
        sheet: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet': string;
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  SheetsController_csv: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        site: string;
        sheet: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'text/csv': string;
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  SheetsController_byAddress: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        key: string;
        file: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'text/csv': string;
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  ServicesController_read: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        site: string;
        kind: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Service'];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  ServicesController_set: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        site: string;
        kind: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['ServiceDto'];
      };
    };
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Service'];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  ServicesController_clear: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        site: string;
        kind: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done; nothing more is told */
      204: {
        headers: {
          [name: string]: unknown;
        };
        content?: never;
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  PayController_page: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        key: string;
        token: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'text/html': string;
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  PayController_pay: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        key: string;
        token: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'text/html': string;
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  PayController_result: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        key: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done; nothing more is told */
      204: {
        headers: {
          [name: string]: unknown;
        };
        content?: never;
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  RaisedController_sum: {
    parameters: {
      query: {
        /** @description The widget by way of which was paid */
        widget: string;
        /** @description ISO 4217 */
        currency: string;
      };
      header?: never;
      path: {
        key: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Raised'];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  PaymentsController_refund: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        site: string;
        payment: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done; nothing more is told */
      204: {
        headers: {
          [name: string]: unknown;
        };
        content?: never;
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  ActionsController_repeatFailed: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        site: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['RepeatFailedDto'];
      };
    };
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['RepeatedDeliveries'];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  ActionsController_repeat: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        site: string;
        delivery: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['RepeatedDelivery'];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  TryController_preview: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        widget: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['TriedActionDto'];
      };
    };
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['ActionPreview'];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  TryController_test: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        widget: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['TriedActionDto'];
      };
    };
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['TestedAction'];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  StandinsController_list: {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Mail'][];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  StandinsController_read: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        mail: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['WholeMail'];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  HooksController_list: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        site: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['TestWebhooks'];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  HooksController_behave: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        site: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['BehaveDto'];
      };
    };
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['TestWebhooks'];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  TestPaymentsController_list: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        site: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['TestPayments'];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  TestMembersController_list: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        site: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['TestMembers'];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  TestMessengerController_read: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        site: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['TestMessenger'];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  TestMessengerController_set: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        site: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['TestMessengerDto'];
      };
    };
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['TestMessenger'];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
  HealthController_read: {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Done */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Health'];
        };
      };
      /** @description Refused */
      '4XX': {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Problem'];
        };
      };
    };
  };
}
