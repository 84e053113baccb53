export { ProposalPanel } from './proposal-panel';
export { useProposals, type Proposal, type Proposals, type TonightSheet } from './use-proposals';
